import { useEffect, useState } from "react";

/** So long nothing has to change for a hand to have come to rest, in milliseconds. */
const rest = 150;

/**
 * A value that follows another one as soon as it has come to rest: for what takes long to draw while a hand is moving.
 * Where there was nothing before, it is there at once.
 */
export function useAtRest<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), rest);
    return () => clearTimeout(timer);
  }, [value]);
  return settled ?? value;
}
