import { STEP } from './page-builder.ts';
import type { PageReading } from './page-reading.ts';
import type { RoffEvent } from './roff-interpreter.ts';

type MacroCall = Extract<RoffEvent, { kind: 'macro' }>;

/** Requests that change how a printed page looks and nothing that matters here. */
const WITHOUT_EFFECT = new Set(
  `ad an bd bp c2 cc ce cf cflags ch char color cp cs cu da device di do dt ec em eo ev evc fam fc fchar fl fp fspecial ftr fzoom gcolor
   hc hcode hla hlm hpf hw hy hym hys it kern lc lf lg linetabs ll ls lt mc mk na ne nh nm nn nop ns open opena os output pc pi pl pm
   pn po ps psbb pso rj rnn rs rt schar shc shift sizes special spreadwarn ss sty ta tc tkf tl tm tm1 tmc tr trf trin trnt troff uf ul
   unformat vpt vs mso warn warnscale wh write writec IX DT PD LINKSTYLE UC AT PM`.split(/\s+/),
);

/** Requests that are carried out. */
const CARRIED_OUT = ['br', 'brp', 'ti', 'sp', 'nf', 'fi', 'in', 'ft', 'so'];

/** Whether a request has a meaning of its own, so that a page cannot give it another. */
export function isRequest(name: string): boolean {
  return WITHOUT_EFFECT.has(name) || CARRIED_OUT.includes(name);
}

/** Requests of the formatter itself, which pages of both kinds use. */
export function carryOutRequest(call: MacroCall, reading: PageReading): boolean {
  const { page, escapes } = reading;
  const argument = call.arguments[0]?.text ?? '';
  switch (call.name) {
    case 'br':
    case 'brp':
    case 'ti':
      page.break();
      return true;
    case 'sp':
      page.blank();
      return true;
    case 'nf':
      page.isFilled = false;
      return true;
    case 'fi':
      page.isFilled = true;
      return true;
    case 'in':
      if (argument === '') page.indent(undefined);
      else if (argument.startsWith('+')) page.indent(STEP);
      else if (argument.startsWith('-')) page.indent(-STEP);
      else page.break();
      return true;
    case 'ft':
      escapes.setFont(argument);
      return true;
    case 'so':
      reading.included.push(call.rest);
      return true;
  }
  return WITHOUT_EFFECT.has(call.name);
}
