/** Words of seven letters and more that many helps and manual pages have, and how they are spelled. */
export const COMMON_WORDS: ReadonlySet<string> = new Set(
  `
  abbreviated abbreviation abbreviations ability aborted aborting absence absolute absolutely abstract
  abstraction acceptable accepted accepting accepts accessed accesses accessible accessing accidentally
  accommodate accomplished according accordingly account accounting accounts accumulated accuracy accurate
  achieve achieved acquire acquired actions activate activated activates activation actively activity actually
  adapted adaptive addition additional additionally additions address addressed addresses adjacent adjusted
  adjustment adjusts administration administrative administrator administrators advance advanced advantage
  advisable advised affected affecting affects affinity afterwards against algorithm algorithms aliases
  aligned alignment alignments allocate allocated allocates allocating allocation allocations allocator
  allowed allowing alphabetic alphabetical alphabetically alphanumeric already altered alternate alternative
  alternatively alternatives although altogether ambiguity ambiguous amounts analogous analysis analyze
  ancestor ancestors annotate annotated annotation annoying anonymous anonymously another anymore anything
  anywhere appearance appeared appearing appears appended appending appends applicable application
  applications applied applies applying approach appropriate appropriately approved approximate approximately
  arbitrarily arbitrary architecture architectures archive archived archives argument arguments arithmetic
  arrived artifact artifacts ascending aspects assembler assembly assigned assigning assignment assignments
  assigns associate associated association assumed assumes assuming assumption assumptions asterisk
  asynchronous atomically attached attaches attaching attachment attacker attacks attempt attempted attempting
  attempts attention attribute attributes augmented authenticate authenticated authentication authoritative
  authority authorization authorized authors autocomplete automated automatic automatically auxiliary
  availability available average avoided avoiding backend backends background backing backlog backslash
  backslashes backspace backups backward backwards balance bandwidth baseline basically because becomes
  beginning behaves behavior behaviors behaviour belonging belongs benchmark benchmarks benefit besides
  between bidirectional binaries binding bindings bitmaps bitmask bitstream blacklist blocked blocking boolean
  booleans borders boundaries boundary bounding bracket brackets branches breaking breakpoint breakpoints
  briefly broadcast browser browsers buffered buffering buffers builder building buttons bytecode caching
  calculate calculated calculates calculating calculation calculations calendar callback calling candidate
  canonical capabilities capability capable capacity capture captured capturing cardinality careful carefully
  carriage carried carries catalog catapult categories category causing caution centered central certain
  certainly certificate certificates changed changelog changes changing channel channels chapter chapters
  character characteristics characters checked checking checkpoint checkpoints checksum checksums children
  chinese choices chooses choosing chromosome ciphers circular circumstances circumvent classes classic
  classification classified classify cleaned cleanup cleared clearing clearly clicking clients clipboard
  closely closest closing cluster clusters codebase collect collected collection collections collects
  collision collisions colored coloring columns combination combinations combine combined combines combining
  command commands comment commented comments commits committed commonly communicate communication
  communications community compact companion compare compared compares comparing comparison comparisons
  compatibility compatible compelling compilation compile compiled compiler compilers compiles compiling
  complain complete completed completely completes completion complex complexity compliance compliant
  complicated component components compose composed composite compress compressed compresses compressing
  compression comprised computation compute computed computer computers computes computing concatenate
  concatenated concatenation concept concepts conceptually concern concurrency concurrent concurrently
  condition conditional conditions configurable configuration configurations configure configured configures
  configuring confirm confirmation conflict conflicting conflicts conform conformance conforming conforms
  confuse confused confusing confusion congestion conjunction connect connected connecting connection
  connections connects consecutive consequence consequences consequently consider consideration considerations
  considered considering considers consist consistency consistent consisting consists console consortium
  constant constants constraints construct constructed constructs consult consulted consume consumed consumes
  consumption contact contain contained container containers containing contains content contents context
  contexts contiguous continuation continue continued continues continuing continuous continuously contrast
  contributed contributions contributors control controlled controller controlling controls convenience
  convenient convention conventional conventions conversely conversion conversions convert converted
  converting converts cookies coordinate coordinates copious copying copyright copyrights correct corrected
  correction correctly correctness correspond corresponding corresponds corrupt corrupted corruption counted
  counter counterpart counters counting coverage covered crashes created creates creating creation creator
  credential credentials criteria critical cryptographic cumulative current currently customize customized
  daemons damaged dangerous database databases datagram datagrams deactivate dealing debugger debugging
  decided decides decimal decision decisions declaration declarations declare declared decoded decoder
  decoding decompress decompressed decompression decrease decreasing decrypt decrypted decrypting decryption
  dedicated deduplicate default defaulting defaults defined defines defining definition definitions degrees
  delayed delegate deleted deletes deleting deletion delimit delimited delimiter delimiters deliver delivered
  delivery demonstrates denoted denotes density dependencies dependency dependent depending depends deployment
  deployments deprecated dereference dereferenced derived descendant descendants descending describe described
  describes describing description descriptions descriptive descriptor descriptors deserialize designated
  designed desirable desired desktop despite destination destinations destroy destroyed detached detaching
  detailed details detected detecting detection detects determine determined determines determining
  deterministic developed developer developers development devices diagnose diagnostic diagnostics dialect
  dictionaries dictionary difference differences different differently differs difficult digests digital
  dimension dimensions directed direction directions directive directives directly directories directory
  directs disable disabled disables disabling disallow disallowed discard discarded discarding discipline
  disconnect discouraged discover discovered discovery discussed discussion display displayed displaying
  displays distance distinct distinction distinguish distinguished distribute distributed distribution
  distributions divided division document documentation documented documents domains download downloaded
  downloading downloads drawing drivers dropped dropping dumping duplicate duplicated duplicates duplication
  duration dynamic dynamically earlier earliest editing edition editors effective effectively effects
  efficient efficiently elapsed electronic element elements eliminate elsewhere embedded emitted employed
  employing employs emulate emulation emulator enabled enables enabling encapsulated encapsulation enclose
  enclosed enclosing encoded encodes encoding encounter encountered encounters encouraged encourages encrypt
  encrypted encryption endpoint endpoints enforce enforced enforces engines english enhanced enhancement
  ensures ensuring entered entering entirely entitled entries entropy enumerated enumeration environment
  environmental environments equally equivalent escaped escapes escaping especially essential essentially
  establish established estimate estimated evaluate evaluated evaluates evaluation eventually everything
  exactly examine examined examining example examples exceeded exceeds exception exceptions exchange
  exclamation exclude excluded excludes excluding exclusive exclusively executable executables execute
  executed executes executing execution exhaustive existence existing exiting expanded expanding expands
  expansion expected expects expense expensive experience experimental expiration expired expires explain
  explained explains explanation explanations explicit explicitly exported exporting exports exposed exposes
  express expressed expression expressions extended extends extension extensions extensive external extract
  extracted extracting extraction extracts extreme extremely facilitate facilities facility factors failing
  failure failures fallback falling familiar families fashion fastest feature features fetched fetching
  figures filename filenames filesystem filesystems filling filtered filtering filters finally finding
  fingerprint fingerprints finished firewall flagged flexibility flexible floating flushed flushing folders
  followed following follows forcing foreground foreign forever formats formatted formatter formatting
  formerly forward forwarded forwarding foundation fraction fractional fragment fragmentation fragmented
  fragments framework frequency frequently friendly frontend function functional functionality functions
  further furthermore garbage gateway general generally generate generated generates generating generation
  generator generators generic geometry getting gigabytes globally granted granularity graphic graphical
  graphics greater grouped grouping guarantee guaranteed guarantees guessed guesses guessing guidelines
  handled handler handlers handles handling handshake happened happening happens hardware headers heading
  headings helpful heuristic heuristics hexadecimal hierarchical hierarchies hierarchy highest highlight
  highlighted highlighting histogram historical historically history holding homepage honored horizontal
  horizontally hostname hostnames however hyphenation hyphens ideally identical identification identified
  identifier identifiers identifies identify identifying identity ignored ignores ignoring illegal illustrate
  illustrated immediate immediately implement implementation implementations implemented implementing
  implements implications implicit implicitly implied implies important imported imports imposed impossible
  improperly improve improved improvements improves inaccessible inactive include included includes including
  inclusion inclusive incoming incompatible incomplete inconsistent incorporated incorrect incorrectly
  increase increased increases increasing increment incremental incrementally incremented indefinitely
  indentation indented independent independently indexed indexes indexing indicate indicated indicates
  indicating indication indicator indices indirect indirectly individual individually inferred infinite
  infinity influence information informational informative infrastructure ingress inherit inherited inherits
  inhibit inhibits initial initialization initialize initialized initializes initializing initially
  innumerable inoperative insecure insensitive inserted inserting insertion inserts insight insignificant
  inspect inspected inspecting inspection inspired install installation installations installed installer
  installing installs instance instances instead instruct instruction instructions instructs instrumentation
  insufficient integer integers integrated integration integrity intended intentionally interact interaction
  interactive interactively interest interested interesting interface interfaces interfere interleaved
  interleaving intermediate internal internally internals international internet interoperability
  interpolation interpret interpretation interpreted interpreter interpreting interprets interrupt interrupted
  interval intervals introduce introduced introduces introduction introspect invalid invariant inverse
  inverted invisible invocation invocations invoked invokes invoking involve involved involves involving
  irrelevant isolate isolated isolation issuing italics iterate iteration iterations journal keeping kernels
  keyboard keyring keystroke keystrokes keyword keywords killing kilobytes knowing knowledge labeled language
  languages largest latency launched leading leaving lengths letters lexical lexicographic libraries library
  license licensed licenses licensing lifetime lightweight likewise limitation limitations limited limiting
  linkage linking listening listens listing listings literal literally literals loading locales localhost
  localized locally located locating location locations locking logfile logfiles logging logical longest
  looking lookups lowercase lowered machine machines macintosh magenta magnification mailing maintain
  maintained maintainer maintainers maintaining maintains maintenance majority makefile makefiles malicious
  managed management manager managers manages managing mandatory mangling manifest manipulate manipulated
  manipulating manipulation manually manuals mapping mappings markdown markers marking matched matches
  matching material mathematical matters maximal maximum meaning meaningful meaningless meanings measure
  measured measurement measurements measures mechanism mechanisms megabytes members membership mention
  mentioned merging message messages metadata methods metrics microseconds middleware migrate migration
  milliseconds minified minimal minimize minimum minutes mirrors miscellaneous mismatch missing modification
  modifications modified modifier modifiers modifies modifying modules monitor monitored monitoring monitors
  monochrome moreover mounted mounting multicast multiline multiple multiplexer multiplicative multiplied
  multiply multiprocessing mutually namespace namespaces nanoseconds natural naturally nearest necessarily
  necessary needing negated negation negative negotiation neighbour neither nesting network networking
  networks nevertheless newline newlines nonempty nonexistent nonnegative nonstandard nonzero normalization
  normalize normally notably notation nothing noticeable noticeably notification notifications nowadays
  numbered numbering numbers numeric numerical numerically numerous objects obscure observed obsolete obtained
  obtaining obvious obviously occasionally occurred occurrence occurrences occurring offered offering official
  offline offload offsets omitted omitting opening operand operands operate operates operating operation
  operational operations operator operators opposed opposite optimal optimization optimizations optimize
  optimized optional optionally options orchestration ordered ordering ordinarily ordinary organized original
  originally originating otherwise outgoing outline outputs outputting outside overall overflow overhead
  overlap overlapping overlaps overridden override overrides overriding overview overwrite overwrites
  overwriting overwritten ownership package packaged packages packaging packets padding paragraph paragraphs
  parallel parallelism parameter parameters parentheses parenthesis parents parsing partial partially
  particular particularly partition partitions passing passphrase passphrases password passwords patches
  pathname pathnames pattern patterns payload penalty pending percent percentage perfectly perform performance
  performed performing performs perhaps periodic periodically periods permanent permanently permission
  permissions permits permitted persistence persistent personal physical picture pipeline placeholder
  placeholders placement placing plaintext platform platforms plugins pointed pointer pointers pointing
  policies polling popular populate populated portability portable portion portions position positional
  positions positive possibilities possibility possible possibly postscript potential potentially powerful
  practical practice preamble precede preceded precedence precedes preceding precise precisely precision
  predefined preferable preference preferences preferred prefers prefixed prefixes prefixing preload prepare
  prepared preparing prepend preprocessor prerelease presence present presented preserve preserved preserves
  preserving pressed pressing presumably pretend prevent prevented preventing prevents preview previous
  previously primarily primary primitive primitives principal printable printed printer printers printing
  priorities priority privacy private privilege privileged privileges probability probably problem problematic
  problems procedure procedures proceed proceeds process processed processes processing processor processors
  produce produced produces producing product production profile profiler profiles profiling program
  programmer programmers programming programs progress prohibited project projects promote promotion prompted
  prompting prompts propagate propagated properly properties property proportional proposed proprietary
  protect protected protection protocol protocols provide provided provider providers provides providing
  pseudonym publish published publishing pulling punctuation purpose purposes pushing putting qualified
  qualifier quality quantity quantization quantum queried queries querying question questions queueing queuing
  quickly quotation quoting randomize randomly randomness reachable reached reaches readability readable
  readers reading realtime reasonable reasonably reasons rebuild rebuilds receive received receiver receives
  receiving recently recipient recipients recognised recognition recognize recognized recognizes recommend
  recommended recorded recording records recover recovery recreate rectangular recurse recursion recursive
  recursively redirect redirected redirection redistribute reduced reduces reducing redundant reference
  referenced references referencing referred referring reflect reflected reflects refresh refused refuses
  regarding regardless regions register registered registers registration registry regular reinitialize
  rejected related relation relationship relative relatively release released releases relevant reliable
  reliably reloaded relocatable relocation relocations relying remainder remaining remains remember remotely
  remotes remount removal removed removes removing renamed renames renaming rendered renderer rendering
  reordering repeated repeatedly repeating replace replaced replacement replacements replaces replacing
  replication reported reporting reports repositories repository represent representation representations
  represented representing represents reproducibility reproducible request requested requesting requests
  require required requirement requirements requires requiring reserve reserved reserves resident resides
  resizing resolution resolve resolved resolver resolves resolving resource resources respect respective
  respectively respects respond response responses responsibility responsible restart restarted restore
  restored restores restoring restrict restricted restriction restrictions restricts resulting results
  retained retaining retries retrieve retrieved retrieves retrieving returned returning returns reverse
  reversed reverses revised revision revisions revocation revoked rewrite rewriting rewritten rotated rotation
  roughly rounded routers routine routines routing running runtime samples sampling sanitize satisfied satisfy
  scalable scaling scanned scanning scenario scenarios schedule scheduled scheduler scheduling schemes science
  scientific scratch screenshot screenshots scripting scripts scrolling searched searches searching secondary
  seconds secrets section sections sectors security segment segmentation segments selected selecting selection
  selectively selector selects semantics semaphore semaphores semicolon semicolons sending sensible sensitive
  separate separated separately separates separating separation separator separators sequence sequences
  sequential sequentially serialize serialized serious servers service services serving session sessions
  setting settings several shallow sharing shipped shortcut shortcuts shorter shortest shorthand showing
  shutdown signals signature signatures significant significantly signing silence silently similar similarly
  simpler simplest simplified simplify simulate simultaneous simultaneously situation situations skeleton
  skipped skipping slashes slightly smaller smallest snapshot snapshots snippets sockets software solution
  someone something sometimes somewhat somewhere sophisticated sorting sources spacing spawned spawning
  special specialized specially specials specific specifically specification specifications specified
  specifier specifiers specifies specify specifying spelling splitting spreadsheet stallman standalone
  standard standardized standards stanzas started starting startup stateless statement statements statically
  statistics stopped stopping storage storing straight strandedness strange strategy streaming streams
  strictly strings stripped stripping strongly structure structured structures stylesheet stylesheets
  subcommand subcommands subdirectories subdirectory subject submitted submodule submodules subscribe
  subscribed subscription subscriptions subsection subsections subsequent subsequently substitute substituted
  substitution substitutions substring substrings subsystem subtitle subtitles succeed succeeded succeeds
  success successful successfully successive sufficient suffixed suffixes suggest suggested suggestions
  suitable summarize summarized summarizing summary superblock superseded supersedes superuser supplementary
  supplied supplies supplying support supported supporting supports suppose supposed suppress suppressed
  suppresses suppression surround surrounded surrounding suspend suspended swapped switched switches switching
  symbolic symbols symlink symlinks symmetric synchronization synchronize synchronized synchronous synonym
  synonyms synopsis systems talking tarball tarballs targeted targets technical technically technology
  telemetry telling template templates temporarily temporary terminal terminals terminate terminated
  terminates terminating termination testing textual themselves thereby therefore threading threads threshold
  thresholds through throughout throughput timeout timeouts timestamp timestamps timezone timezones timings
  together toggles tokenize tokenizer tolerance toolkit topology touched towards tracing tracked tracker
  tracking traditional traditionally traffic trailing transaction transactions transcoding transfer
  transferred transferring transfers transform transformation transient transition transitions translate
  translated translates translation translations transmission transmit transmitted transparency transparent
  transparently transpile transport transports traversal traversed treated treatment trigger triggered
  triggers trivial trouble truncate truncated truncation trusted turning tutorial typescript typesetting
  typical typically typographic ultimately unaffected unambiguous unauthorized unavailable unbuffered
  unchanged uncompressed unconditionally undecorated undefined underlying underscore underscores understand
  understanding understands understood undesirable undocumented unencrypted unexpected unfortunately unicode
  unified uniform uninstall unintended uniquely universal university unknown unlikely unlimited unlinked
  unmodified unmount unmounted unnamed unnecessary unpacked unpredictable unprivileged unquoted unreachable
  unrecognized unsigned unspecified unstable unsupported untrusted unusual unwanted updated updates updating
  upgrade upgrades uploaded uploading uppercase upstream useless username usernames usually utilities utility
  utilization validate validated validating validation validity variable variables variant variants variation
  variety various vectorized verbatim verbose verbosely verbosity verification verified verifies verifying
  version versioning versions vertical vertically viewing viewport virtual virtualization visibility visible
  visually volatile volumes waiting warning warnings warranty watched website welcome whatever whenever
  whereas whether whichever whitelist whitespace wildcard wildcards windows without workaround workflow
  workflows working workspace workspaces wrapped wrapper wrappers wrapping writable writers writing written
  yourself
`
    .trim()
    .split(/\s+/),
);
