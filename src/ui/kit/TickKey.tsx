/** What the key T presses for the current line; the Tick beside it serves everybody else. */
export function TickKey({ onPress }: { onPress: () => void }) {
  return (
    <button
      type="button"
      data-key="t"
      tabIndex={-1}
      className="hidden"
      aria-hidden="true"
      onClick={onPress}
    />
  )
}
