import * as z from "zod/mini";

/** How a length may be typed. It is always kept in centimetres. */
export const LengthUnit = z.enum(["cm", "in", "fingers"]);
export type LengthUnit = z.infer<typeof LengthUnit>;

/** One inch, by definition (International Yard and Pound Agreement, 1959). */
export const cmPerInch = 2.54;
/** The width of a finger where the athlete's own was not measured, cm. A working figure. */
export const usualFingerCm = 1.9;

/** Centimetres in one of a unit, for an athlete whose finger may have been measured. */
export const cmPer = (unit: LengthUnit, fingerCm: number = usualFingerCm): number =>
  unit === "in" ? cmPerInch : unit === "fingers" ? fingerCm : 1;

/** A typed length in centimetres. @example toCm(4, "fingers", 1.8) // 7.2 */
export const toCm = (typed: number, unit: LengthUnit, fingerCm?: number): number =>
  typed * cmPer(unit, fingerCm);

/** A length in the unit in which it is read. @example fromCm(25.4, "in") // 10 */
export const fromCm = (cm: number, unit: LengthUnit, fingerCm?: number): number =>
  cm / cmPer(unit, fingerCm);

/**
 * The width of one finger from laying several side by side along a tape, cm.
 * @param fingers how many were laid, 1 or more
 * @example fingerWidth(7.4, 4) // 1.85
 */
export const fingerWidth = (cm: number, fingers: number): number => cm / fingers;
