import * as z from "zod/mini";
import { Skill } from "../core/content/skill";
import { Drill } from "../core/drill/drill";
import type { Library } from "../core/content/library";
import { Format } from "../core/content/format";
import { Protocol } from "../core/content/protocol";
import { DoseSource } from "../core/content/dose-source";
import doseSourcesPack from "./dose-sources.json";
import cautionsPack from "./cautions.json";
import handsAndNeck from "./drills/hands-and-neck.json";
import hipsAndSplits from "./drills/hips-and-splits.json";
import legsAndFeet from "./drills/legs-and-feet.json";
import jumpsAndFalls from "./drills/jumps-and-falls.json";
import onTheHands from "./drills/on-the-hands.json";
import pullingAndClimbing from "./drills/pulling-and-climbing.json";
import shouldersAndUpperBack from "./drills/shoulders-and-upper-back.json";
import towardSkills from "./drills/toward-skills.json";
import { forecastPriors } from "./forecast-priors";
import wholeBody from "./drills/whole-body.json";
import formats from "./formats.json";
import arm from "./protocols/arm.json";
import hip from "./protocols/hip.json";
import leg from "./protocols/leg.json";
import screens from "./protocols/screens.json";
import shoulder from "./protocols/shoulder.json";
import splits from "./protocols/splits.json";
import tape from "./protocols/tape.json";
import trunk from "./protocols/trunk.json";
import climbing from "./skills/climbing.json";
import dance from "./skills/dance.json";
import everyday from "./skills/everyday.json";
import floor from "./skills/floor.json";
import handBalance from "./skills/hand-balance.json";
import supports from "./skills/supports.json";

/** The library that ships with the application, read by the same schema as a coach's own pack. */
export const library: Library = {
  priors: forecastPriors,
  skills: z.array(Skill).parse([handBalance, supports, floor, dance, climbing, everyday].flat()),
  protocols: z
    .array(Protocol)
    .parse([shoulder, arm, trunk, hip, splits, leg, screens, tape].flat()),
  formats: z.array(Format).parse(formats),
  drills: z
    .array(Drill)
    .parse(
      [
        wholeBody,
        handsAndNeck,
        shouldersAndUpperBack,
        hipsAndSplits,
        legsAndFeet,
        towardSkills,
        onTheHands,
        pullingAndClimbing,
        jumpsAndFalls,
      ].flat(),
    ),
};

/** Where the doses come from, kind by kind. */
export const doseSources: readonly DoseSource[] = z.array(DoseSource).parse(doseSourcesPack);

/** What to know before, during and when to stop. */
export const cautions: readonly { title: string; lines: readonly string[] }[] = cautionsPack;
