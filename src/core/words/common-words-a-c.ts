/** The common words from `a` to `c`. */
export const WORDS_A_TO_C = `
  abandon abandoned abbreviate abbreviated abbreviation abbreviations abilities ability abnormal abnormally
  aborted aborting abruptly absence absolute absolutely abstract abstraction abstractions abundance
  accelerate accelerated accelerates acceleration accelerator accelerators accented accents acceptable
  acceptance accepted accepting accepts accessed accesses accessibility accessible accessing accession
  accident accidental accidentally accommodate accompanied accompanies accompany accompanying accomplish
  accomplished accordance according accordingly account accounted accounting accounts accumulate accumulated
  accumulates accumulating accumulation accuracy accurate accurately accustomed achievable achieve achieved
  achieves achieving acknowledge acknowledged acknowledgement acknowledgements acknowledges acknowledgment
  acknowledgments acquire acquired acquires acquiring acquisition acronym actions activate activated
  activates activating activation actively activities activity actually adaptation adapted adapter adapters
  adapting adaptive adaptor addendum addition additional additionally additions additive address addressable
  addressed addresses addressing adequate adequately adheres adhering adjacent adjective adjectives
  adjustable adjusted adjusting adjustment adjustments adjusts administer administration administrative
  administratively administrator administrators advance advanced advances advancing advantage advantageous
  advantages adverbs adversely advertise advertised advertisement advertisements advertises advertising
  advisable advised advises advisory affected affecting affects affiliates affinity affirmative
  aforementioned afterward afterwards against aggregate aggregated aggregates aggregating aggregation
  aggressive aggressively aggressiveness agnostic agreement agreements algorithm algorithmic algorithms
  aliased aliases aliasing aligned aligning alignment alignments alleviate allocate allocated allocates
  allocating allocation allocations allocator allowable allowed allowing alongside alphabet alphabetic
  alphabetical alphabetically alphabets alphanumeric already alteration alterations altered altering
  alternate alternately alternates alternating alternation alternative alternatively alternatives although
  altogether ambient ambiguities ambiguity ambiguous amended amongst amounts ampersand ampersands
  amplification amplifies amplify amplitude amplitudes analogous analogously analogue analogy analyse
  analysed analyses analysing analysis analytical analyze analyzed analyzer analyzes analyzing ancestor
  ancestors ancestral ancestry anchored anchors ancient ancillary android angular animate animated animation
  annotate annotated annotates annotation annotations announce announced announcement announcements annoying
  anonymous anonymously another answered answering answers antenna anticipated anybody anymore anything
  anytime anywhere apostrophe apostrophes apparent apparently appearance appearances appeared appearing
  appears appended appending appendix appends appliance applicable application applications applied applies
  applying appreciate appreciated approach approaches appropriate appropriately approval approve approved
  approximate approximated approximately approximates approximation approximations apropos aptitude
  arbitrarily arbitrary archaic architecture architectures archive archived archives archiving arguably
  argument arguments arising arithmetic arrange arranged arrangement arrangements arranges arranging arrival
  arrived arrives arriving arrowhead article articles artifact artifacts artificial artificially ascending
  aspects assemble assembled assembler assembles assemblies assembling assembly asserted assertion
  assertions asserts assessment assigned assigning assignment assignments assigns assistance associate
  associated associates associating association associations associative assumed assumes assuming assumption
  assumptions assurance assured asterisk asterisks asymmetric asynchronous asynchronously atomically
  attached attaches attaching attachment attachments attacker attackers attacks attained attempt attempted
  attempting attempts attention attenuation attribute attributed attributes attributions audacity audible
  audience audited auditing augment augmented augments authenticate authenticated authenticates
  authenticating authentication authenticity authoring authoritative authorities authority authorization
  authorizations authorize authorized authors authorship autocomplete automata automate automated automates
  automatic automatically automating automation automaton autonomous auxiliary availability available
  average averaged averages averaging avoided avoiding awaiting awesome awkward backbone backend backends
  background backgrounds backing backlog backside backslash backslashes backspace backspaces backtrack
  backtracking backups backward backwards badness balance balanced balancing bandwidth barrier barriers
  baseline basically batches battery bearing because becomes becoming beforehand beginner beginners
  beginning behaved behaves behaving behavior behaviors behaviour believe believed believes belonging
  belongs benchmark benchmarks beneath beneficial benefit benefits besides between bibliographic
  bibliographies bibliography bidirectional biggest billion binaries binding bindings birthday bitmaps
  bitmask bitstream bizarre blacklist blackness blending blindly blinking blocked blocking blurred blurring
  boilerplate boldface bookmark bookmarks bookworm boolean booleans booting bootstrap borders borrowed
  borrows bottleneck bottlenecks bounced bounces bouncing boundaries boundary bounded bounding bracket
  bracketed brackets branches branching breakage breakdown breaking breakpoint breakpoints brevity bridged
  bridges bridging briefly brighter brightness bringing broadcast broadcasting broadcasts broadening broader
  broadly brought browsed browser browsers browsing buckets buffered buffering buffers builder building
  builtin bundled bundles bundling burning business buttons bypassed bypasses bypassing bytecode caching
  calculate calculated calculates calculating calculation calculations calculator calendar calibrate
  calibrated calibration callable callback callers calling cameras canceled canceling cancellation cancelled
  cancelling cancels candidate candidates canonical capabilities capability capable capacities capacity
  capital capitalization capitalize capitalized capitals caption captions captive capture captured captures
  capturing cardinality careful carefully carelessly carriage carried carrier carries carrying cartography
  cartoons cartridge cascade cascaded cascading casting catalog catalogs catapult catches categories
  categorize categorized category causing caution cautious caveats ceiling cellular centered centering
  centers centimeter centimeters central centralized centrally century certain certainly certainty
  certificate certificates certification certified certify chained chaining challenge challenges challenging
  chances changeable changed changelog changes changing channel channels chapter chapters character
  characteristic characteristics characters charged charges chassis cheaper checked checker checkerboard
  checkers checking checklist checkout checkpoint checkpoints checksum checksums chemical children chinese
  choices chooses choosing chopped chromosome chronological ciphers circles circuit circular circumstance
  circumstances circumvent citation citations claimed clamped clarification clarified clarify clarity
  clashes classes classic classical classification classified classifies classify clauses cleaned cleaner
  cleaning cleanly cleanup cleanups cleared clearer clearing clearly clickable clicked clicking clients
  clipboard clipped clipping clobber clobbering clockwise cloning closely closest closing closure cluster
  clustered clustering clusters clutter cluttering coalesce coalesced codebase coefficient coefficients
  coexist coincide coincidence coincides collaboration collapse collapsed collapsing collating collation
  collations colleagues collect collected collecting collection collections collective collectively
  collector collectors collects collide colliding collision collisions colored colorful coloring colours
  columns combination combinations combine combined combines combining comfortable command commands comment
  commentary commented commenting comments commercial commits committed committing commonly communicate
  communicated communicates communicating communication communications communicator communities community
  compact compacted compaction compactly companion company comparable compare compared compares comparing
  comparison comparisons compass compatibility compatible compelling compensate compensated compensates
  compensating compensation compilation compilations compile compiled compiler compilers compiles compiling
  complain complains complement complementary complemented complete completed completely completeness
  completes completing completion complex complexity compliance compliant complicated complication
  complications component components compose composed composer composing composite composition compound
  comprehensive compress compressed compresses compressing compression compressor compressors comprise
  comprised comprises comprising compromise compromised computation computational computationally
  computations compute computed computer computers computes computing concatenate concatenated concatenates
  concatenating concatenation conceivable concentrate concentric concept concepts conceptual conceptually
  concern concerned concerning concerns concert concise concisely concludes conclusion conclusions
  concordance concrete concurrency concurrent concurrently condensed condition conditional conditionally
  conditionals conditions conducive conference confidence confident confidential confidentiality
  configurable configuration configurations configure configured configures configuring confine confined
  confinement confirm confirmation confirmed conflict conflicting conflicts conform conformance conforming
  conforms confuse confused confuses confusing confusion congestion conjunction connect connected connecting
  connection connections connectivity connector connectors connects consecutive consecutively consensus
  consent consequence consequences consequently conservative conservatively conserve consider considerable
  considerably consideration considerations considered considering considers consist consistency consistent
  consistently consisting consists console consoles consolidate consolidated consortium constant constantly
  constants constituent constitute constitutes constrain constrained constraint constraints construct
  constructed constructing construction constructions constructor constructors constructs consult consulted
  consulting consults consume consumed consumer consumers consumes consuming consumption contact contacted
  contacting contacts contain contained container containers containing contains content contention contents
  context contexts contextual contiguous continually continuation continuations continue continued continues
  continuing continuous continuously contradict contradictory contrary contrast contribute contributed
  contributes contributing contribution contributions contributor contributors control controllable
  controlled controller controllers controlling controls convenience convenient conveniently convention
  conventional conventionally conventions converge converged convergence conversation converse conversely
  conversion conversions convert converted converter converters converting converts conveyed conveys
  convinced convolution cookies cooperate cooperation coordinate coordinated coordinates coordination
  coordinator copious copying copyright copyrighted copyrights corners correct corrected correcting
  correction corrections correctly correctness corrects correlate correlated correlation correspond
  correspondence corresponding correspondingly corresponds corrupt corrupted corrupting corruption
  corruptions cosmetic counted counter counterclockwise counterpart counterparts counters counting countries
  country coupled coupling courier cousins coverage covered covering cracking crafted crashed crashes
  crashing created creates creating creation creative creator creators credential credentials credits
  criteria criterion critical cropped cropping crossed crosses crossing crossings crossover crucial cryptic
  cryptographic cryptography cumbersome cumulative curious currency current currently cursors customary
  customer customise customised customization customize customized customizing cutting cycling cylinder
  cylinders
`;
