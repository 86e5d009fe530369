# Completion of dabbawala for bash, written by dabbawala from its interface.

# Reads the command line up to the cursor: $at is the command, $given are its options, $option is the one whose argument comes next,
# $operands is how many operands there are, $ended tells that no option may come any more, $cur is the word to complete.
_dabbawala_read() {
  local line=${COMP_LINE:0:COMP_POINT} part word i
  local -a words=()
  # Readline parts words at = and :; what stands together belongs together.
  for part in "${COMP_WORDS[@]:0:COMP_CWORD+1}"; do
    if [[ ${#words[@]} -eq 0 || $line == [[:blank:]]* ]]; then words+=(''); fi
    line=${line#"${line%%[![:blank:]]*}"}
    part=${part:0:${#line}}
    line=${line#"$part"}
    words[${#words[@]}-1]+=$part
  done
  cur=${words[${#words[@]}-1]}
  at=dabbawala given=' ' option= operands=0 ended=
  for word in "${words[@]:1:${#words[@]}-2}"; do
    if [[ $option ]]; then option=; continue; fi
    if [[ $ended ]]; then ((operands++)); continue; fi
    case $word in
      --) ended=yes ;;
      --*=*) given="$given${word%%=*} " ;;
      -[!-]?*)
        for ((i = 1; i < ${#word}; i++)); do
          given="$given-${word:i:1} "
          if _dabbawala_takes "$at -${word:i:1}"; then
            ((i + 1 < ${#word})) || option=-${word:i:1}
            break
          fi
        done
        ;;
      [-+]?*)
        given="$given$word "
        ! _dabbawala_takes "$at $word" || option=$word
        ;;
      *) _dabbawala_step "$word" || ((operands++)) ;;
    esac
  done
}

# Goes to a subcommand, where the word is the name of one and no operand came before it.
_dabbawala_step() {
  [[ $operands -eq 0 ]] || return 1
  case "$at $1" in
    'dabbawala audit') at='dabbawala audit' given=' ' ;;
    'dabbawala abbreviations') at='dabbawala abbreviations' given=' ' ;;
    'dabbawala trace') at='dabbawala trace' given=' ' ;;
    'dabbawala annotate') at='dabbawala annotate' given=' ' ;;
    'dabbawala compare') at='dabbawala compare' given=' ' ;;
    'dabbawala callers') at='dabbawala callers' given=' ' ;;
    'dabbawala capture') at='dabbawala capture' given=' ' ;;
    'dabbawala coverage') at='dabbawala coverage' given=' ' ;;
    'dabbawala convert') at='dabbawala convert' given=' ' ;;
    'dabbawala explain') at='dabbawala explain' given=' ' ;;
    *) return 1 ;;
  esac
}

# Whether the word behind an option is its argument.
_dabbawala_takes() {
  case $1 in
    'dabbawala audit --kind' | 'dabbawala audit --program' | 'dabbawala audit --command' | 'dabbawala audit --parser' | 'dabbawala audit --rule' | 'dabbawala audit --trust' | 'dabbawala audit --with' | 'dabbawala audit --settings' | 'dabbawala audit --format' | 'dabbawala audit --save' | 'dabbawala audit --only' | 'dabbawala audit --except' | 'dabbawala audit --completion' | 'dabbawala audit --callers' | 'dabbawala audit --called-as' | 'dabbawala audit --accepted' | 'dabbawala audit --accept' | 'dabbawala audit --until' | 'dabbawala audit --checks' | 'dabbawala audit --fail-on') ;;
    'dabbawala abbreviations --kind' | 'dabbawala abbreviations --program' | 'dabbawala abbreviations --command' | 'dabbawala abbreviations --parser' | 'dabbawala abbreviations --rule' | 'dabbawala abbreviations --trust' | 'dabbawala abbreviations --with' | 'dabbawala abbreviations --settings' | 'dabbawala abbreviations --format') ;;
    'dabbawala trace --kind' | 'dabbawala trace --program' | 'dabbawala trace --command' | 'dabbawala trace --parser' | 'dabbawala trace --rule' | 'dabbawala trace --trust' | 'dabbawala trace --with' | 'dabbawala trace --settings' | 'dabbawala trace --format') ;;
    'dabbawala annotate --kind' | 'dabbawala annotate --program' | 'dabbawala annotate --command' | 'dabbawala annotate --parser' | 'dabbawala annotate --rule' | 'dabbawala annotate --trust' | 'dabbawala annotate --with' | 'dabbawala annotate --settings' | 'dabbawala annotate --format') ;;
    'dabbawala compare --kind' | 'dabbawala compare --program' | 'dabbawala compare --command' | 'dabbawala compare --parser' | 'dabbawala compare --rule' | 'dabbawala compare --trust' | 'dabbawala compare --with' | 'dabbawala compare --settings' | 'dabbawala compare --format' | 'dabbawala compare --save' | 'dabbawala compare --add' | 'dabbawala compare --callers' | 'dabbawala compare --called-as' | 'dabbawala compare --fail-on') ;;
    'dabbawala callers --kind' | 'dabbawala callers --program' | 'dabbawala callers --command' | 'dabbawala callers --parser' | 'dabbawala callers --rule' | 'dabbawala callers --trust' | 'dabbawala callers --with' | 'dabbawala callers --settings' | 'dabbawala callers --called-as' | 'dabbawala callers --format' | 'dabbawala callers --save' | 'dabbawala callers --fail-on') ;;
    'dabbawala capture --to' | 'dabbawala capture -o' | 'dabbawala capture --output' | 'dabbawala capture --program' | 'dabbawala capture --width' | 'dabbawala capture --seconds' | 'dabbawala capture --depth' | 'dabbawala capture --most' | 'dabbawala capture --questions' | 'dabbawala capture --parallel') ;;
    'dabbawala coverage --kind' | 'dabbawala coverage --program' | 'dabbawala coverage --command' | 'dabbawala coverage --parser' | 'dabbawala coverage --rule' | 'dabbawala coverage --trust' | 'dabbawala coverage --with' | 'dabbawala coverage --settings' | 'dabbawala coverage --format' | 'dabbawala coverage --save' | 'dabbawala coverage --shell' | 'dabbawala coverage --fail-on') ;;
    'dabbawala convert --to' | 'dabbawala convert --update' | 'dabbawala convert -o' | 'dabbawala convert --output' | 'dabbawala convert --width' | 'dabbawala convert --date' | 'dabbawala convert --kind' | 'dabbawala convert --program' | 'dabbawala convert --command' | 'dabbawala convert --parser' | 'dabbawala convert --rule' | 'dabbawala convert --trust' | 'dabbawala convert --with' | 'dabbawala convert --settings') ;;
    'dabbawala explain --format' | 'dabbawala explain --checks') ;;
    *) return 1 ;;
  esac
}

# Offers words that begin with what is typed behind a lead such as --sort=, quoted where they need it.
_dabbawala_words() {
  local lead=$1 typed=$2 word quoted
  shift 2
  for word; do
    printf -v quoted %q "$word"
    case $typed in
      [\"\']*) [[ $word == "${typed:1}"* ]] && COMPREPLY+=("$lead$word") ;;
      *) [[ $word == "${typed//\\/}"* ]] && COMPREPLY+=("$lead$quoted") ;;
    esac
  done
}

# Offers the names of an option, given by the first word, where neither they nor those of the second word stand already.
_dabbawala_option() {
  local - name
  set -f
  for name in $1 $2; do
    [[ $given != *" $name "* ]] || return 0
  done
  for name in $1; do
    [[ $name != "$cur"* ]] || COMPREPLY+=("$name")
  done
}

# Offers the names of an option that may stand several times.
_dabbawala_again() {
  local - name
  set -f
  for name in $2; do
    [[ $given != *" $name "* ]] || return 0
  done
  for name in $1; do
    [[ $name != "$cur"* ]] || COMPREPLY+=("$name")
  done
}

# Offers what compgen makes of an action such as file, behind a lead.
_dabbawala_action() {
  local word
  [[ $1 != file && $1 != directory ]] || compopt -o filenames 2>/dev/null
  while IFS= read -r word; do COMPREPLY+=("$2$word"); done < <(compgen -A "$1" -- "$3")
}

# Offers the subcommands.
_dabbawala_commands() {
  case $at in
    dabbawala)
      _dabbawala_words '' "$cur" audit abbreviations trace annotate compare callers capture coverage convert explain
      ;;
  esac
}

# Offers the options.
_dabbawala_options() {
  case $at in
    dabbawala)
      _dabbawala_option '-V --version'
      _dabbawala_option '-h --help'
      ;;
    'dabbawala audit')
      _dabbawala_option --kind
      _dabbawala_option --program
      _dabbawala_option --command
      _dabbawala_option --parser
      _dabbawala_again --rule
      _dabbawala_option --trust
      _dabbawala_again --with
      _dabbawala_option --settings
      _dabbawala_option --no-settings
      _dabbawala_option --format
      _dabbawala_again --save
      _dabbawala_again --only
      _dabbawala_again --except
      _dabbawala_again --completion
      _dabbawala_again --callers
      _dabbawala_again --called-as
      _dabbawala_option --complete
      _dabbawala_option --rewrite
      _dabbawala_option --accepted
      _dabbawala_option --accept
      _dabbawala_option --until
      _dabbawala_option --notes
      _dabbawala_again --checks
      _dabbawala_option --fail-on
      _dabbawala_option '-h --help'
      ;;
    'dabbawala abbreviations')
      _dabbawala_option --kind
      _dabbawala_option --program
      _dabbawala_option --command
      _dabbawala_option --parser
      _dabbawala_again --rule
      _dabbawala_option --trust
      _dabbawala_again --with
      _dabbawala_option --settings
      _dabbawala_option --no-settings
      _dabbawala_option --format
      _dabbawala_option '-h --help'
      ;;
    'dabbawala trace')
      _dabbawala_option --kind
      _dabbawala_option --program
      _dabbawala_option --command
      _dabbawala_option --parser
      _dabbawala_again --rule
      _dabbawala_option --trust
      _dabbawala_again --with
      _dabbawala_option --settings
      _dabbawala_option --no-settings
      _dabbawala_option --format
      _dabbawala_option '-h --help'
      ;;
    'dabbawala annotate')
      _dabbawala_option --kind
      _dabbawala_option --program
      _dabbawala_option --command
      _dabbawala_option --parser
      _dabbawala_again --rule
      _dabbawala_option --trust
      _dabbawala_again --with
      _dabbawala_option --settings
      _dabbawala_option --no-settings
      _dabbawala_option --format
      _dabbawala_option '-h --help'
      ;;
    'dabbawala compare')
      _dabbawala_option --kind
      _dabbawala_option --program
      _dabbawala_option --command
      _dabbawala_option --parser
      _dabbawala_again --rule
      _dabbawala_option --trust
      _dabbawala_again --with
      _dabbawala_option --settings
      _dabbawala_option --no-settings
      _dabbawala_option --format
      _dabbawala_again --save
      _dabbawala_option --complete
      _dabbawala_again --add
      _dabbawala_again --callers
      _dabbawala_again --called-as
      _dabbawala_option --rewrite
      _dabbawala_option --fail-on
      _dabbawala_option '-h --help'
      ;;
    'dabbawala callers')
      _dabbawala_option --kind
      _dabbawala_option --program
      _dabbawala_option --command
      _dabbawala_option --parser
      _dabbawala_again --rule
      _dabbawala_option --trust
      _dabbawala_again --with
      _dabbawala_option --settings
      _dabbawala_option --no-settings
      _dabbawala_again --called-as
      _dabbawala_option --rewrite
      _dabbawala_option --format
      _dabbawala_again --save
      _dabbawala_option --fail-on
      _dabbawala_option '-h --help'
      ;;
    'dabbawala capture')
      _dabbawala_option --to
      _dabbawala_option '-o --output'
      _dabbawala_option --plan
      _dabbawala_option --declared
      _dabbawala_option --probe
      _dabbawala_option '-y --yes'
      _dabbawala_option --program
      _dabbawala_option --keep-home
      _dabbawala_option --keep-folder
      _dabbawala_option --short-help
      _dabbawala_option --width
      _dabbawala_option --seconds
      _dabbawala_option --depth
      _dabbawala_option --most
      _dabbawala_option --questions
      _dabbawala_option --parallel
      _dabbawala_option '-h --help'
      ;;
    'dabbawala coverage')
      _dabbawala_option --kind
      _dabbawala_option --program
      _dabbawala_option --command
      _dabbawala_option --parser
      _dabbawala_again --rule
      _dabbawala_option --trust
      _dabbawala_again --with
      _dabbawala_option --settings
      _dabbawala_option --no-settings
      _dabbawala_option --format
      _dabbawala_again --save
      _dabbawala_option --observe
      _dabbawala_again --shell
      _dabbawala_option --complete
      _dabbawala_option --lines
      _dabbawala_option --fail-on
      _dabbawala_option '-h --help'
      ;;
    'dabbawala convert')
      _dabbawala_option --to
      _dabbawala_option --update
      _dabbawala_option '-o --output'
      _dabbawala_option --width
      _dabbawala_option --date
      _dabbawala_option --kind
      _dabbawala_option --program
      _dabbawala_option --command
      _dabbawala_option --parser
      _dabbawala_again --rule
      _dabbawala_option --trust
      _dabbawala_again --with
      _dabbawala_option --settings
      _dabbawala_option --no-settings
      _dabbawala_option '-h --help'
      ;;
    'dabbawala explain')
      _dabbawala_option --format
      _dabbawala_again --checks
      _dabbawala_option '-h --help'
      ;;
  esac
}

# Offers arguments of the option $1, behind the lead $2, that begin with $3.
_dabbawala_argument() {
  case "$at $1" in
    'dabbawala audit --kind') _dabbawala_words "$2" "$3" document script help manual markdown ;;
    'dabbawala audit --program') _dabbawala_action file "$2" "$3" ;;
    'dabbawala audit --command') _dabbawala_action file "$2" "$3" ;;
    'dabbawala audit --parser') _dabbawala_action file "$2" "$3" ;;
    'dabbawala audit --rule') _dabbawala_action file "$2" "$3" ;;
    'dabbawala audit --trust') _dabbawala_words "$2" "$3" document objects script help manual markdown ;;
    'dabbawala audit --with') _dabbawala_action file "$2" "$3" ;;
    'dabbawala audit --settings') _dabbawala_action file "$2" "$3" ;;
    'dabbawala audit --format') _dabbawala_words "$2" "$3" text json markdown sarif junit html lines patch ;;
    'dabbawala audit --save') _dabbawala_action file "$2" "$3" ;;
    'dabbawala audit --only') _dabbawala_action file "$2" "$3" ;;
    'dabbawala audit --except') _dabbawala_action file "$2" "$3" ;;
    'dabbawala audit --completion') _dabbawala_action file "$2" "$3" ;;
    'dabbawala audit --callers') _dabbawala_action file "$2" "$3" ;;
    'dabbawala audit --called-as') _dabbawala_action file "$2" "$3" ;;
    'dabbawala audit --accepted') _dabbawala_action file "$2" "$3" ;;
    'dabbawala audit --accept') _dabbawala_action file "$2" "$3" ;;
    'dabbawala audit --until') _dabbawala_action file "$2" "$3" ;;
    'dabbawala audit --checks') _dabbawala_action file "$2" "$3" ;;
    'dabbawala audit --fail-on') _dabbawala_words "$2" "$3" error warning note never ;;
    'dabbawala abbreviations --kind') _dabbawala_words "$2" "$3" document script help manual markdown ;;
    'dabbawala abbreviations --program') _dabbawala_action file "$2" "$3" ;;
    'dabbawala abbreviations --command') _dabbawala_action file "$2" "$3" ;;
    'dabbawala abbreviations --parser') _dabbawala_action file "$2" "$3" ;;
    'dabbawala abbreviations --rule') _dabbawala_action file "$2" "$3" ;;
    'dabbawala abbreviations --trust') _dabbawala_words "$2" "$3" document objects script help manual markdown ;;
    'dabbawala abbreviations --with') _dabbawala_action file "$2" "$3" ;;
    'dabbawala abbreviations --settings') _dabbawala_action file "$2" "$3" ;;
    'dabbawala abbreviations --format') _dabbawala_words "$2" "$3" text json ;;
    'dabbawala trace --kind') _dabbawala_words "$2" "$3" document script help manual markdown ;;
    'dabbawala trace --program') _dabbawala_action file "$2" "$3" ;;
    'dabbawala trace --command') _dabbawala_action file "$2" "$3" ;;
    'dabbawala trace --parser') _dabbawala_action file "$2" "$3" ;;
    'dabbawala trace --rule') _dabbawala_action file "$2" "$3" ;;
    'dabbawala trace --trust') _dabbawala_words "$2" "$3" document objects script help manual markdown ;;
    'dabbawala trace --with') _dabbawala_action file "$2" "$3" ;;
    'dabbawala trace --settings') _dabbawala_action file "$2" "$3" ;;
    'dabbawala trace --format') _dabbawala_words "$2" "$3" text json ;;
    'dabbawala annotate --kind') _dabbawala_words "$2" "$3" document script help manual markdown ;;
    'dabbawala annotate --program') _dabbawala_action file "$2" "$3" ;;
    'dabbawala annotate --command') _dabbawala_action file "$2" "$3" ;;
    'dabbawala annotate --parser') _dabbawala_action file "$2" "$3" ;;
    'dabbawala annotate --rule') _dabbawala_action file "$2" "$3" ;;
    'dabbawala annotate --trust') _dabbawala_words "$2" "$3" document objects script help manual markdown ;;
    'dabbawala annotate --with') _dabbawala_action file "$2" "$3" ;;
    'dabbawala annotate --settings') _dabbawala_action file "$2" "$3" ;;
    'dabbawala annotate --format') _dabbawala_words "$2" "$3" text json ;;
    'dabbawala compare --kind') _dabbawala_words "$2" "$3" document script help manual markdown ;;
    'dabbawala compare --program') _dabbawala_action file "$2" "$3" ;;
    'dabbawala compare --command') _dabbawala_action file "$2" "$3" ;;
    'dabbawala compare --parser') _dabbawala_action file "$2" "$3" ;;
    'dabbawala compare --rule') _dabbawala_action file "$2" "$3" ;;
    'dabbawala compare --trust') _dabbawala_words "$2" "$3" document objects script help manual markdown ;;
    'dabbawala compare --with') _dabbawala_action file "$2" "$3" ;;
    'dabbawala compare --settings') _dabbawala_action file "$2" "$3" ;;
    'dabbawala compare --format') _dabbawala_words "$2" "$3" text json markdown sarif junit html lines patch ;;
    'dabbawala compare --save') _dabbawala_action file "$2" "$3" ;;
    'dabbawala compare --add') _dabbawala_action file "$2" "$3" ;;
    'dabbawala compare --callers') _dabbawala_action file "$2" "$3" ;;
    'dabbawala compare --called-as') _dabbawala_action file "$2" "$3" ;;
    'dabbawala compare --fail-on') _dabbawala_words "$2" "$3" error warning note never ;;
    'dabbawala callers --kind') _dabbawala_words "$2" "$3" document script help manual markdown ;;
    'dabbawala callers --program') _dabbawala_action file "$2" "$3" ;;
    'dabbawala callers --command') _dabbawala_action file "$2" "$3" ;;
    'dabbawala callers --parser') _dabbawala_action file "$2" "$3" ;;
    'dabbawala callers --rule') _dabbawala_action file "$2" "$3" ;;
    'dabbawala callers --trust') _dabbawala_words "$2" "$3" document objects script help manual markdown ;;
    'dabbawala callers --with') _dabbawala_action file "$2" "$3" ;;
    'dabbawala callers --settings') _dabbawala_action file "$2" "$3" ;;
    'dabbawala callers --called-as') _dabbawala_action file "$2" "$3" ;;
    'dabbawala callers --format') _dabbawala_words "$2" "$3" text json markdown sarif junit html lines patch ;;
    'dabbawala callers --save') _dabbawala_action file "$2" "$3" ;;
    'dabbawala callers --fail-on') _dabbawala_words "$2" "$3" error warning note never ;;
    'dabbawala capture --to') _dabbawala_words "$2" "$3" yaml json ;;
    'dabbawala capture -o' | 'dabbawala capture --output') _dabbawala_action file "$2" "$3" ;;
    'dabbawala capture --program') _dabbawala_action file "$2" "$3" ;;
    'dabbawala capture --questions') _dabbawala_action file "$2" "$3" ;;
    'dabbawala coverage --kind') _dabbawala_words "$2" "$3" document script help manual markdown ;;
    'dabbawala coverage --program') _dabbawala_action file "$2" "$3" ;;
    'dabbawala coverage --command') _dabbawala_action file "$2" "$3" ;;
    'dabbawala coverage --parser') _dabbawala_action file "$2" "$3" ;;
    'dabbawala coverage --rule') _dabbawala_action file "$2" "$3" ;;
    'dabbawala coverage --trust') _dabbawala_words "$2" "$3" document objects script help manual markdown ;;
    'dabbawala coverage --with') _dabbawala_action file "$2" "$3" ;;
    'dabbawala coverage --settings') _dabbawala_action file "$2" "$3" ;;
    'dabbawala coverage --format') _dabbawala_words "$2" "$3" text json markdown sarif junit html lines ;;
    'dabbawala coverage --save') _dabbawala_action file "$2" "$3" ;;
    'dabbawala coverage --shell') _dabbawala_words "$2" "$3" bash zsh fish ;;
    'dabbawala coverage --fail-on') _dabbawala_words "$2" "$3" error warning note never ;;
    'dabbawala convert --to') _dabbawala_words "$2" "$3" yaml json markdown bash zsh fish help man ;;
    'dabbawala convert --update') _dabbawala_action file "$2" "$3" ;;
    'dabbawala convert -o' | 'dabbawala convert --output') _dabbawala_action file "$2" "$3" ;;
    'dabbawala convert --width') _dabbawala_action file "$2" "$3" ;;
    'dabbawala convert --kind') _dabbawala_words "$2" "$3" document script help manual markdown ;;
    'dabbawala convert --program') _dabbawala_action file "$2" "$3" ;;
    'dabbawala convert --command') _dabbawala_action file "$2" "$3" ;;
    'dabbawala convert --parser') _dabbawala_action file "$2" "$3" ;;
    'dabbawala convert --rule') _dabbawala_action file "$2" "$3" ;;
    'dabbawala convert --trust') _dabbawala_words "$2" "$3" document objects script help manual markdown ;;
    'dabbawala convert --with') _dabbawala_action file "$2" "$3" ;;
    'dabbawala convert --settings') _dabbawala_action file "$2" "$3" ;;
    'dabbawala explain --format') _dabbawala_words "$2" "$3" text json ;;
    'dabbawala explain --checks') _dabbawala_action file "$2" "$3" ;;
    *) ;;
  esac
}

# Offers operands in the place that comes next; $2 and $3 are as for arguments.
_dabbawala_operand() {
  case "$at $operands" in
    'dabbawala audit '*) _dabbawala_action file "$2" "$3" ;;
    'dabbawala abbreviations 0') _dabbawala_action file "$2" "$3" ;;
    'dabbawala abbreviations '*) _dabbawala_action file "$2" "$3" ;;
    'dabbawala trace 0') _dabbawala_action file "$2" "$3" ;;
    'dabbawala trace '*) _dabbawala_action file "$2" "$3" ;;
    'dabbawala annotate 0') _dabbawala_action file "$2" "$3" ;;
    'dabbawala compare 0') _dabbawala_action file "$2" "$3" ;;
    'dabbawala compare 1') _dabbawala_action file "$2" "$3" ;;
    'dabbawala callers 0') _dabbawala_action file "$2" "$3" ;;
    'dabbawala callers '*) _dabbawala_action file "$2" "$3" ;;
    'dabbawala capture 0') _dabbawala_action command "$2" "$3" ;;
    'dabbawala capture '*) _dabbawala_action file "$2" "$3" ;;
    'dabbawala coverage 0') _dabbawala_action file "$2" "$3" ;;
    'dabbawala coverage '*) _dabbawala_action file "$2" "$3" ;;
    'dabbawala convert '*) _dabbawala_action file "$2" "$3" ;;
    'dabbawala explain 0') _dabbawala_action file "$2" "$3" ;;
    *) ;;
  esac
}

_dabbawala() {
  local cur at given option operands ended breaks lead
  COMPREPLY=()
  _dabbawala_read
  # At these commands the first operand ends the options.
  if [[ $operands -gt 0 ]]; then
    case $at in
      dabbawala | 'dabbawala abbreviations' | 'dabbawala trace' | 'dabbawala callers' | 'dabbawala capture') ended=yes ;;
    esac
  fi
  if [[ $option ]]; then
    _dabbawala_argument "$option" '' "$cur"
  elif [[ ! $ended && $cur == --*=* ]]; then
    _dabbawala_argument "${cur%%=*}" "${cur%%=*}=" "${cur#*=}"
  elif [[ ! $ended && $cur == [-+]* ]]; then
    _dabbawala_options
  else
    [[ $ended || $operands -gt 0 ]] || _dabbawala_commands
    _dabbawala_operand '' '' "$cur"
  fi
  # Readline completes what stands behind the last = or :, where it parts words at them.
  breaks=${COMP_WORDBREAKS//[^=:]/}
  if [[ $breaks && $cur == *[$breaks]* ]]; then
    lead=${cur%"${cur##*[$breaks]}"}
    COMPREPLY=("${COMPREPLY[@]#"$lead"}")
  fi
}

complete -F _dabbawala dabbawala
