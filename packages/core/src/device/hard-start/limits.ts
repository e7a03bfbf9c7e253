/** Longest time a start capacitor of this kind may stay in circuit, s (typical, from memory). */
export const LONGEST_IN_CIRCUIT_S = 3;
