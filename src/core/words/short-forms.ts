/**
 * Words that people cut short by custom, each with the short forms in use. A short form that begins its word passes for a name
 * wherever a parser accepts prefixes.
 */
const TABLE = `
  abbreviate:abbr absolute:abs address:addr administration:admin application:app architecture:arch argument:arg
  arguments:args attribute:attr attributes:attrs authentication:auth authorization:auth automatic:auto 
  background:back binary:bin certificate:cert character:char characters:chars
  column:col columns:cols command:com,cmd compare:comp,cmp complete:compl compress:comp
  concatenate:cat,concat condition:cond config:cfg,conf configuration:conf,config,cfg configure:conf,config connect:conn connection:conn
  context:ctx continue:cont convert:conv coordinate:coord count:cnt 
  current:cur,curr database:db debug:dbg decimal:dec default:def defaults:defs delete:del delimiter:delim
  dependencies:deps dependency:dep description:desc destination:dest develop:dev device:dev
  dictionary:dict difference:diff digest:dig directories:dirs directory:dir distance:dist document:doc
  documentation:doc,docs duration:dur element:elem enumerate:enum environment:env error:err errors:errs
  example:ex execute:exec executable:exe expression:expr,exp extension:ext extract:extr field:fld 
  format:fmt frequency:freq function:func,fn generate:gen global:glob group:grp header:head history:hist
  identifier:id,ident ignore:ign image:img include:inc,incl increment:incr information:info initialize:init
  input:in instance:inst integer:int interval:int iteration:iter keyword:key language:lang
  length:len level:lev,lvl libraries:libs library:lib limit:lim location:loc maximum:max memory:mem message:msg
  minimum:min minutes:min miscellaneous:misc mode:mod module:mod multiple:mult multiply:mul negative:neg
  network:net number:num object:obj optimize:opt option:opt options:opts order:ord original:orig
  output:out package:pkg parallel:par parameter:param parameters:params parent:par partition:part
  password:pass,passwd pattern:pat percent:perc,pct permission:perm permissions:perms position:pos prefix:pre,pref
  preferences:prefs previous:prev priority:prio private:priv procedure:proc process:proc production:prod
  profile:prof program:prog project:proj properties:props property:prop protocol:proto public:pub quantity:qty
  query:qry random:rand received:recv record:rec recursive:rec,recurs reference:ref references:refs
  regular:reg regular-expression:regex relative:rel release:rel remove:rem,rm repeat:rep
  replace:repl repository:repo request:req required:req resolution:res resource:res response:resp
  restore:rest result:res return:ret reverse:rev revision:rev second:sec seconds:sec,secs select:sel
  sequence:seq service:svc session:sess signature:sig simulate:sim source:src specification:spec
  standard:std statistics:stat,stats string:str subject:subj suffix:suf summary:sum symbol:sym
  symbolic:sym synchronize:sync system:sys target:targ,tgt temporary:temp,tmp terminal:term
  timestamp:ts total:tot transaction:trans transfer:xfer unique:uniq update:upd utility:util
  validate:val,valid value:val variable:var variables:vars verbose:verb version:ver,vers vertical:vert
  volume:vol width:wid window:win
`;

/** For each word, all its short forms, in the order of the table. */
export const SHORT_FORMS: ReadonlyMap<string, readonly string[]> = new Map(
  TABLE.trim()
    .split(/\s+/)
    .map((entry) => {
      const [word = '', forms = ''] = entry.split(':');
      return [word, forms.split(',')] as const;
    }),
);
