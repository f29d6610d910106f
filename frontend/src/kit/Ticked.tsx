import { useAsked } from "./useAsked";

interface Props {
  checked: boolean;
  label?: string;
  disabled?: boolean;
  onTick: (checked: boolean) => Promise<unknown>;
}

/** A box that shows at once what was ticked, while the server is still being asked. */
export function Ticked({ checked, label, disabled, onTick }: Props) {
  const [shown, tick] = useAsked(checked, onTick);
  return (
    <input
      type="checkbox"
      checked={shown}
      aria-label={label}
      disabled={disabled}
      onChange={(event) => tick(event.target.checked)}
    />
  );
}
