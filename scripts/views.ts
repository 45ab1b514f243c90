/** npm run views: the rungs whose picture is read clearly better from another side; a hand decides whether it is set. */
import { bestView, viewScore } from "../core/figure/view-score";
import { atRung } from "../core/drill/drill";
import { library } from "../library/index";

const worded = (score: ReturnType<typeof viewScore>): string =>
  `${Math.round(score.seen * 100)} % seen, moves ${score.change === null ? "not" : score.change.toFixed(0)}`;

for (const drill of library.drills)
  for (const rung of drill.rungs) {
    const serves = atRung(drill, rung).serves.map(({ motion }) => motion);
    const { picture } = rung;
    const best = bestView(picture, serves);
    if (best === picture.view) continue;
    const [now, then] = [picture.view, best].map((view) => viewScore(picture, serves, view));
    console.log(
      `${drill.id}/${rung.id}: ${picture.view}° ${worded(now!)}; ${best}° ${worded(then!)}`,
    );
  }
