/**
 * Share of clear-sky light under a cloud cover: 1 − 0.75 · N^3.4, N in shares of the sky.
 * Source: Kasten & Czeplak 1980.
 *
 * @example cloudShare(1) // 0.25
 */
export const cloudShare = (cloudFraction: number) => 1 - 0.75 * Math.min(1, Math.max(0, cloudFraction)) ** 3.4
