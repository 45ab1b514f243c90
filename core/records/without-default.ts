import type * as z from "zod/mini";

/** A field that a record may leave out, as it is where it has to be said: in an act. */
export const withoutDefault = <Field extends z.core.SomeType>(
  field: z.ZodMiniDefault<Field>,
): Field => field._zod.def.innerType;
