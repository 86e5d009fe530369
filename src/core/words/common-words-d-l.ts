/** The common words from `d` to `l`. */
export const WORDS_D_TO_L = `
  daemons damaged damages damaging dangerous dangling dashboard database databases datagram datagrams
  datatype daylight deactivate deactivated deactivates deactivating deadline deadlock deadlocks dealing
  dealings debugged debugger debuggers debugging decibels decided decides decimal decimals decimation
  decipher decision decisions declaration declarations declarative declare declared declares declaring
  decline declines decoded decoder decoding decompress decompressed decompresses decompressing decompression
  decorate decorated decoration decorations decorator decrease decreased decreases decreasing decremented
  decrements decrypt decrypted decrypting decryption dedicated deduced deduplicate default defaulted
  defaulting defaults defeats defects defense deferred definable defined defines defining definite
  definitely definition definitions definitive deflate degenerate degradation degrade degraded degrades
  degrees delayed delaying delegate delegated delegates delegating delegation delegations deleted deletes
  deleting deletion deletions deliberate deliberately delimit delimited delimiter delimiters delimiting
  delimits deliver delivered deliveries delivering delivers delivery demands demonstrate demonstrated
  demonstrates demonstrating demonstration denominator denoted denotes denoting densities density denying
  dependant depended dependence dependencies dependency dependent depending depends deployed deploying
  deployment deployments deprecated deprecation dereference dereferenced derivation derivative derivatives
  derived derives deriving descend descendant descendants descending descent describe described describes
  describing description descriptions descriptive descriptor descriptors deserialize designate designated
  designates designating designation designed designer designing desirable desired desktop despite
  destination destinations destined destroy destroyed destroying destroys destruction destructive detached
  detaches detaching detachment detailed detailing details detected detecting detection detector detectors
  detects determinable determination determine determined determines determining deterministic develop
  developed developer developers developing development developments deviate deviation deviations devices
  devoted diagnose diagnosed diagnosing diagnostic diagnostics diagonal diagonally diagram diagrams dialect
  dialects dialogs diameter diamond dictate dictated dictates dictionaries dictionary difference differences
  different differential differentiate differentiated differentiates differentiation differently differing
  differs difficult difficulties difficulty diffuse diffusion digesting digests digital digitally digraph
  dimension dimensional dimensions diminished diminishing directed directing direction directions directive
  directives directly director directories directory directs disable disabled disables disabling
  disadvantage disadvantages disagree disallow disallowed disallowing disallows disambiguate disappear
  disappeared disappears disassemble disassembled disassociate disaster discard discarded discarding
  discards discern discipline disciplines disclaimed disclaimer disclaimers disclosed disconnect
  disconnected disconnecting disconnection disconnects discourage discouraged discover discovered
  discovering discovers discovery discrepancies discrepancy discrete discretion discretionary discuss
  discussed discusses discussing discussion discussions disjoint dislike dispatch dispatched dispatcher
  dispatching dispersion displace displacement display displayed displaying displays disposal dispose
  disposition disregard disregarded disregarding disrupt disrupting disruption disruptive distance distances
  distant distinct distinction distinctions distinguish distinguished distinguishes distinguishing distort
  distorted distortion distracting distribute distributed distributes distributing distribution
  distributions distributor distributors disturb disturbing dithered dithering diverge diverged divergence
  diverse diversion diversions diversity divided divides dividing divisible division divisor document
  documentation documentations documented documenting documents dollars domains doubled doubles doubling
  downgrade downgraded downgrading download downloadable downloaded downloading downloads downstream
  downtime downward downwards dragging dramatically drastic drastically drawback drawing drawings drivers
  driving dropped dropping dubious dumping duplicate duplicated duplicates duplicating duplication durable
  duration dynamic dynamical dynamically eagerly earlier earliest easiest echoing editable editing edition
  editors educated educational effected effective effectively effectiveness effects effectuated efficiency
  efficient efficiently efforts elaborate elapsed elected election electron electronic elegant element
  elementary elements elevate elevated elevation eligible eliminate eliminated eliminates eliminating
  elimination ellipse ellipses ellipsis elliptic elsewhere emailed embedded embedding embolden emergency
  emission emitted emitting emphasis emphasize emphasized empirical employed employees employing employs
  emptied empties emptying emulate emulated emulates emulating emulation emulations emulator emulators
  enabled enables enabling encapsulate encapsulated encapsulates encapsulating encapsulation enclose
  enclosed encloses enclosing enclosure encoded encoders encodes encoding encompass encounter encountered
  encountering encounters encourage encouraged encourages encrypt encrypted encryption encrypts endings
  endless endorse endpoint endpoints enforce enforced enforcement enforces enforcing engineering engines
  english enhance enhanced enhancement enhancements enhances enlarge enlarged enrolled enrollment ensured
  ensures ensuring entails entered entering enterprise entirely entirety entities entitled entries entropy
  enumerate enumerated enumerates enumerating enumeration envelope envelopes environment environmental
  environments ephemeral epsilon equality equalize equalizer equally equates equation equations equipment
  equipped equivalence equivalent equivalently equivalents erasing erasure erroneous erroneously escaped
  escapes escaping esoteric especial especially essence essential essentially establish established
  establishes establishing establishment estimate estimated estimates estimating estimation estimator
  evaluate evaluated evaluates evaluating evaluation eventual eventually everybody everyday everyone
  everything everywhere evicted evidence evolution evolutionary evolved exactly examination examine examined
  examines examining example examples exceeded exceeding exceeds excellent exception exceptional exceptions
  excerpt excerpts excessive excessively exchange exchanged exchanges exchanging exclamation exclude
  excluded excludes excluding exclusion exclusive exclusively executable executables execute executed
  executes executing execution executions executive executor exercise exercised exercises exhaust exhausted
  exhaustion exhaustive exhibit exhibited exhibiting exhibits existed existence existent existing exiting
  expandable expanded expanding expands expansion expansions expectation expectations expected expecting
  expects expense expensive experience experienced experiences experiencing experiment experimental
  experimentation experimenting experiments expiration expired expires expiring explain explained explaining
  explains explanation explanations explanatory explicit explicitly exploit exploiting exploits explore
  explosion exponent exponential exponentially exponentiation exported exporter exporting exports exposed
  exposes exposing exposure express expressed expresses expressing expression expressions expressive
  extended extending extends extension extensions extensive extensively extents external externally extract
  extracted extracting extraction extractor extracts extraneous extreme extremely extremes facilitate
  facilitates facilities facility factorial factors factory failing failure failures fairness faithfully
  fallback falling familiar familiarity families fashion fastest favored favorite favourite feasible feature
  featured features feedback feeding fencing fetched fetches fetching fidelity fifteen figured figures
  figuring filename filenames filesystem filesystems filling filtered filtering filters finalize finalized
  finally finding findings fingerprint fingerprinting fingerprints finished finishes finishing firewall
  firewalls firmware firstly fitness fitting fixtures flagged flagging flanking flashes flatness flatten
  flattened flavors flavour flexibility flexible flicker flipped flipping floating flooded flooding floppies
  flowing fluctuations flushed flushes flushing focused focuses focusing folders folding followed following
  followings follows footing footnote footnotes footprint forbidden forcefully forcibly forcing foregoing
  foreground foreign forever forgiving forgotten forking formally formation formats formatted formatter
  formatting formerly forming formula formulae formulas forward forwarded forwarder forwarding forwards
  foundation fraction fractional fractions fragment fragmentation fragmented fragments framework frameworks
  framing freedom freeing freezes freezing frequencies frequency frequent frequently freshly friendlier
  friendly friends frontend fulfill fulfilled fulfills function functional functionality functionally
  functioning functions fundamental fundamentally furnished further furthermore furthest gaining garbage
  garbled gateway gateways gathered gathering gathers general generalized generally generate generated
  generates generating generation generations generator generators generic generically generics genetic
  genomes genuine geographic geographical geometric geometrical geometries geometry getting gigabyte
  gigabytes gigantic glitches globally glossary governed governing governor governs grabbing graceful
  gracefully gradient gradients gradually grammar grammars grammatical grandparent granted granting granular
  granularity graphic graphical graphically graphics graphing gratitude gratuitous gravity greater greatest
  greatly greeting grepping grouped grouping groupings growing guarantee guaranteed guarantees guessed
  guesses guessing guidance guideline guidelines hackers hacking halfway halting handful handled handler
  handlers handles handling handshake handshakes handshaking hanging happened happening happens happily
  hardening hardware hardwired harmful harmless harmonic harness harvesters hashing haystack hazardous
  headers heading headings headless headline headphones headroom healthy hearing heartbeat heavier heavily
  heights helpers helpful helping heterogeneous heuristic heuristics hexadecimal hexagon hibernated
  hibernation hierarchical hierarchically hierarchies hierarchy highest highlight highlighted highlighting
  highlights himself hinting histogram histograms historic historical historically histories history hitting
  holders holding homepage homogeneous honored honoring hopefully horizontal horizontally hostile hosting
  hostname hostnames housekeeping housing however hundred hundreds hundredths hydrogen hyperlink hyperlinked
  hyperlinks hypertext hyphenated hyphenation hyphens hypothetical ideally idempotent identical identically
  identifiable identification identified identifier identifiers identifies identify identifying identities
  identity ignored ignores ignoring illegal illuminated illustrate illustrated illustrates illustrating
  illustration illustrative imaginary imagination imagine imaging imbalance imitates immediate immediately
  immutable impacted impacting impacts impatient imperative imperfect implement implementation
  implementations implemented implementing implements implication implications implicit implicitly implied
  implies implying importance important importantly imported importer importing imports imposed imposes
  impossible impractical imprecise impression improper improperly improve improved improvement improvements
  improves improving inability inaccessible inaccuracies inaccuracy inaccurate inactive inactivity
  inadequate inadvertent inadvertently inappropriate inbound incapable incarnation inception incident
  incidents include included includes including inclusion inclusions inclusive inclusively incoming
  incompatibility incompatible incomplete incomprehensible inconsistencies inconsistency inconsistent
  inconsistently inconvenient incorporate incorporated incorporates incorporating incorporation incorrect
  incorrectly increase increased increases increasing increasingly incredibly increment incremental
  incrementally incremented increments incurring indefinite indefinitely indentation indented indenting
  indents independence independent independently indeterminate indexed indexes indexing indicate indicated
  indicates indicating indication indications indicative indicator indicators indices indirect indirection
  indirectly individual individually individuals industry ineffective inefficient inequality inevitably
  inexact inference inferred inferring infinite infinitely infinity influence influenced influences informal
  information informational informative informed informing informs infrastructure ingress inherent
  inherently inherit inheritance inherited inheriting inherits inhibit inhibited inhibits initial
  initialisation initialise initialised initialises initialization initialize initialized initializes
  initializing initially initiate initiated initiates initiating initiation initiator initiators injected
  injecting injection injects innermost innumerable inoperative inquire inquiry insecure insensitive
  inserted inserting insertion insertions inserts insight insignificant inspect inspected inspecting
  inspection inspects inspiration inspired instability install installation installations installed
  installer installing installs instance instances instant instantaneous instantly instead institution
  instruct instructed instructing instruction instructions instructs instrument instrumentation instrumented
  instruments insufficient integer integers integral integrals integrate integrated integrates integrating
  integration integrity intelligence intelligent intelligently intelligible intended intends intense
  intensities intensity intensive intention intentional intentionally interact interacting interaction
  interactions interactive interactively interacts intercept intercepted intercepting intercepts interchange
  interchangeable interchangeably interest interested interesting interface interfaces interfere
  interference interferes interfering interim interior interlace interlaced interlacing interleave
  interleaved interleaving intermediary intermediate internal internally internals international internet
  interoperability interpolate interpolated interpolates interpolating interpolation interpose interpret
  interpretation interpretations interpreted interpreter interpreters interpreting interprets interrogated
  interrupt interrupted interrupting interruption interruptions interrupts intersect intersection
  intersections interspersed interval intervals intervening intervention intrinsic introduce introduced
  introduces introducing introduction introductory introspect introspection intruder intrusive intuitive
  invalid invalidate invalidated invalidates invaluable invariant invented inventory inverse inverses
  inversion inverted inverting inverts investigate investigating investigation invisible invited invocation
  invocations invoked invokes invoking involve involved involvement involves involving irregular irrelevant
  irrespective irreversible isolate isolated isolates isolation issuing italicized italics iterate iterated
  iterates iterating iteration iterations iterative iterator iterators jiffies joining jointly journal
  journals joystick jumping junctions justification justified justify keeping kernels keybinding keybindings
  keyboard keyboards keyring keystroke keystrokes keyword keywords killing kilobyte kilobytes knowing
  knowledge labeled labeling landing landscape language languages laptops largely largest latency latitude
  launched launcher launches launching layered layouts leaders leading leaking learned learning leaving
  leftmost leftover legends legitimate legitimately lengths lengthy letters letting leverage lexical
  lexicographer lexicographic liberal libraries library licence license licensed licenses licensing lifetime
  lifetimes ligature ligatures lighter lighting lightly lightness lightweight likelihood likewise limitation
  limitations limited limiting linearly linefeed lingering linkage linking listened listener listeners
  listening listens listing listings literal literally literals literate literature loadable loaders loading
  locales localhost locality localization localized locally located locates locating location locations
  locking logarithm logarithmic logfile logfiles logging logical logically longest longitude looking lookups
  looping loosely lowercase lowered lowering luminosity
`;
