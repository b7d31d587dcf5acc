import { useEffect, useRef, useState, type ReactNode } from 'react';
import { handWays } from './hand-ways.ts';

const HELD_FOR_MS = 700;

/**
 * A button for what is not to happen by accident: where this device is set so, a finger has to stay on it. A key is
 * pressed on purpose and acts at once.
 */
export function HoldButton({
  className,
  disabled = false,
  onDone,
  children,
}: {
  className: string;
  disabled?: boolean;
  onDone: () => void;
  children: ReactNode;
}) {
  const [isHolding, setIsHolding] = useState(false);
  const [letGoEarly, setLetGoEarly] = useState(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(timer.current), []);
  const { hold } = handWays();
  if (!hold)
    return (
      <button type="button" className={className} disabled={disabled} onClick={onDone}>
        {children}
      </button>
    );
  const begin = () => {
    setLetGoEarly(false);
    setIsHolding(true);
    timer.current = setTimeout(() => {
      setIsHolding(false);
      onDone();
    }, HELD_FOR_MS);
  };
  const end = () => {
    if (!isHolding) return;
    clearTimeout(timer.current);
    setIsHolding(false);
    setLetGoEarly(true);
  };
  return (
    <button
      type="button"
      className={`${className} relative overflow-hidden touch-none select-none`}
      disabled={disabled}
      onPointerDown={begin}
      onPointerUp={end}
      onPointerLeave={end}
      onPointerCancel={end}
      onContextMenu={(event) => event.preventDefault()}
      // A finger's own click comes with a detail; a key's, or a screen reader's, with none.
      onClick={(event) => {
        if (event.detail === 0) onDone();
      }}
    >
      <span
        aria-hidden
        className={`absolute inset-0 origin-left bg-current opacity-25 ${isHolding ? 'scale-x-100 transition-transform duration-700 ease-linear' : 'scale-x-0'}`}
      />
      <span>
        {children}
        <span className="block text-xs font-normal" role={letGoEarly ? 'status' : undefined}>
          {letGoEarly ? 'keep your finger on it a little longer' : 'hold'}
        </span>
      </span>
    </button>
  );
}
