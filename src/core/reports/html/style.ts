/** How the pages look: light or dark as the reader has it, and on paper. */
export const STYLE = `
:root { --back: #fbfaf7; --card: #ffffff; --text: #22262a; --soft: #5a636b; --line: #d8d4ca; --mark: #ffe9a8;
  --error: #b3261e; --warning: #8a5a00; --note: #1f5f8b; --good: #2d6a36; --taken: #dfe9e2; }
@media (prefers-color-scheme: dark) {
  :root { --back: #14191c; --card: #1c2226; --text: #e6e4de; --soft: #a3acb3; --line: #343c42; --mark: #5a4a12;
    --error: #ff8a80; --warning: #f0c060; --note: #8cc4ee; --good: #8fd19e; --taken: #26382c; } }
* { box-sizing: border-box; }
body { margin: 0; background: var(--back); color: var(--text); font: 16px/1.5 system-ui, "DejaVu Sans", sans-serif; }
main { max-width: 72rem; margin: 0 auto; padding: 1.5rem; }
h1 { font-size: 1.7rem; margin: 0 0 .2rem; } h2 { font-size: 1.25rem; margin: 2.2rem 0 .6rem; }
code, pre { font-family: "DejaVu Sans Mono", ui-monospace, monospace; font-size: .9em; }
.counts { display: flex; flex-wrap: wrap; gap: .6rem; margin: 1rem 0; padding: 0; list-style: none; }
.counts li { border: 1px solid var(--line); border-radius: .5rem; background: var(--card); padding: .5rem .9rem; }
.counts b { font-size: 1.5rem; margin-right: .4rem; }
.error { color: var(--error); } .warning { color: var(--warning); } .note { color: var(--note); } .good { color: var(--good); }
.table { overflow-x: auto; }
table { border-collapse: collapse; margin: .4rem 0; }
th, td { border-bottom: 1px solid var(--line); padding: .25rem .7rem; text-align: left; vertical-align: top; }
td.number, th.number { text-align: right; font-variant-numeric: tabular-nums; }
.bar { display: inline-flex; height: .7rem; width: 12rem; vertical-align: middle; }
.bar i { display: block; height: 100%; } .bar .error { background: var(--error); } .bar .warning { background: var(--warning); } .bar .note { background: var(--note); }
article { border: 1px solid var(--line); border-left: .3rem solid currentColor; border-radius: .4rem; background: var(--card); padding: .7rem 1rem; margin: .7rem 0; break-inside: avoid; }
article > * { color: var(--text); } article p { margin: .25rem 0; }
article h3 { font-size: 1rem; margin: 0; } article .level { font-weight: bold; text-transform: uppercase; font-size: .8rem; letter-spacing: .05em; }
article.error .level { color: var(--error); } article.warning .level { color: var(--warning); } article.note .level { color: var(--note); }
.where, .rule { color: var(--soft); font-size: .9rem; overflow-wrap: anywhere; }
pre { overflow-x: auto; margin: .4rem 0; padding: .4rem .6rem; background: var(--back); border-radius: .3rem; }
mark { background: var(--mark); color: inherit; }
summary { cursor: pointer; margin: 1.5rem 0 .5rem; } summary h2 { display: inline; }
.letters td, .letters thead th { text-align: center; padding: .15rem .3rem; min-width: 1.5rem; border: 1px solid var(--line); }
.letters td.taken { background: var(--taken); font-weight: bold; } .letters td.clash { background: var(--mark); font-weight: bold; }
.letters th[scope=row] { white-space: nowrap; font-weight: normal; }
.shared td { text-align: center; padding: .15rem .3rem; min-width: 1.6rem; border: 1px solid var(--line); }
.shared td.taken, .same { color: var(--good); } .shared td.taken { background: var(--taken); } .shared td.clash { background: var(--mark); }
.shared thead td { border: 0; } .shared thead th { vertical-align: bottom; padding: .3rem .2rem; font-weight: normal; } .shared thead span { writing-mode: vertical-rl; transform: rotate(180deg); white-space: nowrap; }
.shared th[scope=row] { white-space: nowrap; font-weight: normal; }
.trees { display: grid; grid-template-columns: repeat(auto-fill, minmax(20rem, 1fr)); gap: 1rem; } .tree { border: 1px solid var(--line); border-radius: .4rem; background: var(--card); padding: .6rem .9rem; overflow-x: auto; break-inside: avoid; }
.tree h3 { font-size: 1rem; margin: 0 0 .3rem; } .tree ul { list-style: none; margin: 0; padding-left: 1rem; border-left: 1px solid var(--line); } .tree > ul { border: 0; padding: 0; } .tree li { white-space: nowrap; } .before { color: var(--soft); }
.hidden { position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%); white-space: nowrap; }
footer { max-width: 72rem; margin: 0 auto; padding: 1rem 1.5rem 2rem; color: var(--soft); }
@media print { body { background: none; } .table, pre { overflow: visible; } pre { white-space: pre-wrap; } }
`;
