import { index, layout, route, type RouteConfig } from "@react-router/dev/routes";

export default [
  layout("routes/bench.tsx", [
    index("routes/troupe.tsx"),
    route("hall/:groupId", "routes/hall.tsx", [
      index("routes/hall-table.tsx"),
      route("round", "routes/hall-round.tsx"),
      route("group", "routes/hall-group.tsx"),
    ]),
    route("file", "routes/file.tsx"),
    route("library", "routes/library.tsx"),
    route("library/skill/:id", "routes/library-skill.tsx"),
    route("library/check/:id", "routes/library-check.tsx"),
    route("library/drill/:id", "routes/library-drill.tsx"),
    route("library/own-drill", "routes/library-own-drill.tsx"),
    route("library/pictures", "routes/library-pictures.tsx"),
    route("library/cautions", "routes/library-cautions.tsx"),
  ]),
  route("at/:athleteId", "routes/athlete.tsx", [
    route("aim", "routes/aim.tsx"),
    route("check", "routes/check.tsx"),
    route("check/record", "routes/record.tsx"),
    route("gap", "routes/gap.tsx"),
    route("prep", "routes/prep.tsx"),
    route("log", "routes/log.tsx"),
    route("log/book", "routes/book.tsx"),
    route("prep/place", "routes/placement.tsx"),
    route("prep/sheet", "routes/prep-sheet.tsx"),
    route("season", "routes/season.tsx"),
    route("season/date", "routes/season-date.tsx"),
    route("season/dose", "routes/season-dose.tsx"),
    route("season/out", "routes/season-out.tsx"),
    route("season/sheet", "routes/season-sheet.tsx"),
  ]),
  route("at/:athleteId/run", "routes/run.tsx"),
] satisfies RouteConfig;
