import { useRef, useState } from "react";

interface Props {
  checked: boolean;
  label?: string;
  disabled?: boolean;
  onTick: (checked: boolean) => Promise<unknown>;
}

/** A box that shows at once what was ticked, while the server is still being asked. */
export function Ticked({ checked, label, disabled, onTick }: Props) {
  const [asked, ask] = useState<boolean | null>(null);
  const ticks = useRef(0);
  const tick = (now: boolean) => {
    ask(now);
    const mine = ++ticks.current;
    // What was ticked since then is still being asked.
    void onTick(now).finally(() => mine === ticks.current && ask(null));
  };
  return (
    <input
      type="checkbox"
      checked={asked ?? checked}
      aria-label={label}
      disabled={disabled}
      onChange={(event) => tick(event.target.checked)}
    />
  );
}
