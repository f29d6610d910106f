import { useState } from "react";

interface Props {
  checked: boolean;
  label?: string;
  disabled?: boolean;
  onTick: (checked: boolean) => Promise<unknown>;
}

/** A box that shows at once what was ticked, while the server is still being asked. */
export function Ticked({ checked, label, disabled, onTick }: Props) {
  const [asked, ask] = useState<boolean | null>(null);
  return (
    <input
      type="checkbox"
      checked={asked ?? checked}
      aria-label={label}
      disabled={disabled}
      onChange={(event) => {
        ask(event.target.checked);
        void onTick(event.target.checked).finally(() => ask(null));
      }}
    />
  );
}
