/**
 * Text as it stands in markup: nothing of it becomes a tag or ends an attribute.
 *
 * @example inMarkup('a < b') // 'a &#60; b'
 */
export const inMarkup = (text: string): string =>
  text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`)
