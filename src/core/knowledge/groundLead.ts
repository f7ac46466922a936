/**
 * Is it the lead that goes to the frame? Green alone or with yellow is ground in every region that this product knows
 * (IEC 60445, NEC 250.119); a green stripe on another colour is not.
 *
 * @example isGroundLead('green-yellow') // true
 * @example isGroundLead('white-green') // false
 */
export const isGroundLead = (name: string): boolean =>
  /^(ground|earth|bare|gnd|pe)\b|^(green|grn|gn)([-/ ]?(yellow|yel|ye))?( \d)?$/i.test(name.trim())
