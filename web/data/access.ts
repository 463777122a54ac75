import { useMutation, useQuery } from '@tanstack/react-query';
import type {
  Access,
  EnterDto,
  Home,
  LetIn,
  OfferPairingDto,
  PairDto,
  PairedDevice,
  PairingOffer,
} from '@keeper/contract/access';
import { ask, send } from './api.js';
import { asked } from './asked.js';
import { outbox } from './deviceOutbox.js';
import { heldAs } from './whose.js';
import { queryClient } from './queryClient.js';

/** Whether the keeper has put this device out, or let another in, is looked at so often. */
const LOOK_MS = 60_000;

/** Who this device is to the book; undefined while nothing is known of it. */
export function useAccess(): Access | undefined {
  return useQuery({
    ...asked.access,
    refetchInterval: ({ state }) => (state.data?.onMachine ? false : LOOK_MS),
    retry: false,
  }).data;
}

export function useHome(): Home | undefined {
  return useQuery({ ...asked.home, retry: false }).data;
}

export function usePairedDevices(): readonly PairedDevice[] {
  return useQuery({ ...asked.devices, refetchInterval: LOOK_MS / 4, retry: false }).data ?? [];
}

/** Opens the book to the home network, or closes it. */
export function useSwitchHome() {
  return useMutation({
    mutationFn: (on: boolean) => send<Home>('PUT', '/access/home', { on }),
    onSuccess: (home) => queryClient.setQueryData(asked.home.queryKey, home),
  });
}

export function useSetPassphrase() {
  return useMutation({
    mutationFn: (wanted: { current?: string; next: string }) => send<Access>('PUT', '/access/passphrase', wanted),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ['access'] }),
  });
}

/** Whether the passphrase is asked on the machine too; then this browser gives it next. */
export function useAskHere() {
  return useMutation({
    mutationFn: (asked: boolean) => send<Access>('PUT', '/access/here', { asked }),
    onSuccess: () => queryClient.invalidateQueries(),
  });
}

/** A code that lets one device in. */
export function useOffer() {
  return useMutation({
    mutationFn: (wanted: OfferPairingDto) => send<PairingOffer>('POST', '/access/pairing', wanted),
  });
}

export function usePutOut() {
  return useMutation({
    mutationFn: (id: string) => ask<readonly PairedDevice[]>(`/access/devices/${id}`, { method: 'DELETE' }),
    onSuccess: (devices) => queryClient.setQueryData(asked.devices.queryKey, [...devices]),
  });
}

/**
 * Lets this device in, by a code or by the passphrase; then `onLetIn` leads on, to the fish that it was handed where
 * one was, everything is asked anew, and what waited goes.
 */
export function useLetIn(onLetIn: (captureId: string | null) => void) {
  return useMutation({
    mutationFn: (by: PairDto | EnterDto) =>
      send<Access & Partial<LetIn>>('POST', 'code' in by ? '/access/devices' : '/access/session', by),
    onSuccess: async (access) => {
      heldAs(access);
      // First: a helper’s device has another frame, in which the page that asked is no more.
      onLetIn(access.captureId ?? null);
      await queryClient.invalidateQueries();
      outbox.flush();
    },
  });
}
