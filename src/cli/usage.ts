/** What the command line can do, as `help` says it. */
export const USAGE = `Usage:
  mortar plan FILE.json     work a plan document out; its full result as JSON
    --rows TABLE.csv        with rows of your own, ingredients or preparations; may be repeated
    --calibrations FILE     with what runs taught, as calibrate prints it
  mortar calc FILE.json     run a list of { "name", "input" }; outputs as JSON
  mortar run FILE.jsonl     fold a run's events; its state, bowls and ledger as JSON
    --plan FILE.json        the plan it was made from, where the file does not hold it
  mortar calibrate DIR      what the run files of a folder teach, as JSON
    --today 2026-11-24      the day older runs are weighed against; the latest run's when left out
  mortar day FILE.json      put a day on the clock; its timetable as JSON; takes --rows and --calibrations too
  mortar faults FILE.json   from what is seen to its likeliest causes; see docs/formats.md; takes --rows and --calibrations too
  mortar drill KIND         an exercise with its answer worked out: light, dose, opens, hand, left, now, firstSheet
    --seed N                the same seed gives the same exercise; 1 when left out
  mortar schema plan        the JSON Schema of the plan document, or: day, faults
  mortar backup FILE        copy the kitchen to a file of its own, while it is in use
  mortar restore FILE       put a copy in the kitchen's place; what stands there is copied first
  mortar export FILE.zip    write everything the kitchen keeps as one open archive
  mortar import FILE.zip    say what an archive would change; nothing is changed without --where-different
    --where-different keep  take it in; what is here stays where both have something, or: take
  mortar passphrase         set the house's passphrase, read from standard input, for coming in from other devices
    --cook NAME --role ROLE a cook's own: look, bench or plan
  mortar keys               who has access
    --db FILE               another kitchen's file, for these six; MORTAR_DB or data/mortar.db when left out
FILE may be - for standard input. Bad input: one line on standard error, exit code 2.`;
