/** Cutters of a kitchen, in millimetres. */
export const MIN_SIZE_MM = 8;
export const MAX_SIZE_MM = 200;
