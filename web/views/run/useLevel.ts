import { useEffect, useState } from 'react';

/** How far the phone leans off level, in radians, as its own sensor says; undefined where it has none. */
export function useLevel(): number | undefined {
  const [lean, setLean] = useState<number>();
  useEffect(() => {
    const felt = ({ beta, gamma }: DeviceOrientationEvent) => {
      if (beta === null || gamma === null) return;
      // Held upright, gamma is the lean; laid on its side, beta is.
      const upright = Math.abs(beta) > 45;
      const degrees = upright ? gamma : beta;
      setLean((degrees * Math.PI) / 180);
    };
    addEventListener('deviceorientation', felt);
    return () => removeEventListener('deviceorientation', felt);
  }, []);
  return lean;
}
