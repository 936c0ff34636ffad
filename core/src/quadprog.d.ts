declare module 'quadprog' {
  /** Goldfarb & Idnani's dual method: min ½ bᵀDb − dᵀb subject to Aᵀb ≥ b₀, the first `meq` as equalities. All arrays count from 1. */
  export function solveQP(
    Dmat: number[][],
    dvec: number[],
    Amat: number[][],
    bvec?: number[],
    meq?: number,
  ): {
    readonly solution: number[];
    readonly Lagrangian: number[];
    readonly value: number[];
    readonly message: string;
  };
}
