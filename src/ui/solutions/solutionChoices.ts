import { create } from 'zustand';
import type { Criterion, Weights, Wishes } from '@/core/solutions';

interface SolutionChoices {
  weights: Weights;
  wishes: Wishes;
  weigh: (criterion: Criterion, weight: number) => void;
  wish: (wishes: Partial<Wishes>) => void;
}

/** The most that a slider says. */
export const MOST_WEIGHT = 5;

/** What a maker weighs by and wishes for, kept while the app is open, from bag to bag. */
export const useSolutionChoices = create<SolutionChoices>()((set) => ({
  weights: { size: 3, doubt: 2, flap: 2, texture: 2, yarn: 1, work: 1 },
  wishes: { fits: true, yarnG: null, offMm: null, plainFolds: false, triedHooks: false, sameStitch: true },
  weigh: (criterion, weight) => set(({ weights }) => ({ weights: { ...weights, [criterion]: weight } })),
  wish: (wishes) => set((state) => ({ wishes: { ...state.wishes, ...wishes } })),
}));
