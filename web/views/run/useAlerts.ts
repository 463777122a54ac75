import { runText } from './text.en-GB.js';
import { useEffect, useRef } from 'react';
import type { ExposureUse } from '@keeper/core/care/exposure';
import { useTheme } from '../../app/theme.js';
import { useDevicePreference } from '../../data/devicePreferences.js';
import { soundTones } from './soundTones.js';

type Stage = ExposureUse['stage'];

/** What is said, buzzed and sounded at each stage; the graver, the longer. */
const STAGES: Readonly<Record<Exclude<Stage, 'fine'>, { say: string; buzzMs: number[]; tones: number }>> = {
  half: { say: runText.halfItsTime, buzzMs: [120], tones: 1 },
  'three-quarters': { say: runText.threeQuarters, buzzMs: [120, 90, 120], tones: 2 },
  over: { say: runText.backIntoTheWater, buzzMs: [400, 120, 400], tones: 3 },
};
const ORDER: readonly Stage[] = ['fine', 'half', 'three-quarters', 'over'];

/** Speaks up once at each stage of the time in the air, in the way this device is set to. At night nothing sounds. */
export function useAlerts(stage: Stage, inAir: boolean): void {
  const way = useDevicePreference('alert');
  const quiet = useTheme() === 'night';
  const before = useRef<Stage>('fine');
  useEffect(() => {
    const graver = ORDER.indexOf(stage) > ORDER.indexOf(before.current);
    before.current = inAir ? stage : 'fine';
    if (!inAir || !graver || stage === 'fine' || way === 'silent') return;
    const { say, buzzMs, tones } = STAGES[stage];
    if ('vibrate' in navigator) navigator.vibrate(buzzMs);
    if (quiet) return;
    if (way === 'voice' && 'speechSynthesis' in window) speechSynthesis.speak(new SpeechSynthesisUtterance(say));
    if (way === 'sound') soundTones(tones);
  }, [stage, inAir, way, quiet]);
}

/** Nags once a minute while it has been kept too long. */
export function useKeepingNag(keptTooLong: boolean): void {
  const way = useDevicePreference('alert');
  useEffect(() => {
    if (!keptTooLong || way === 'silent' || !('vibrate' in navigator)) return;
    const nag = () => navigator.vibrate([200, 150, 200]);
    nag();
    const nagging = setInterval(nag, 60_000);
    return () => clearInterval(nagging);
  }, [keptTooLong, way]);
}
