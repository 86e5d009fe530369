/** The common words from `s` to `z`. */
export const WORDS_S_TO_Z = `
  safeguard salvage salvaged salvages salvaging sampled samples sampling sandbox sanitize sanitized
  satellite satellites satisfaction satisfactory satisfied satisfies satisfy satisfying saturated saturation
  savings scalable scalars scaling scanned scanner scanners scanning scatter scattered scenario scenarios
  schedule scheduled scheduler schedulers schedules scheduling schemes science scientific scoping scoring
  scratch screens screenshot screenshots scripted scripting scripts scrolled scrolling scrolls seamless
  searched searches searching secondary secondly seconds secrecy secrets section sections sectors secured
  securely security seeding seeking seeming seemingly segment segmentation segments selected selecting
  selection selections selective selectively selectivity selector selectors selects semantic semantically
  semantics semaphore semaphores semicolon semicolons senders sending sensible sensitive sensitivity sensors
  sentence sentences separate separated separately separates separating separation separator separators
  sequence sequencer sequences sequencing sequential sequentially serialised serialization serialize
  serialized serializes serializing serially serious seriously servers service serviced services servicing
  serving session sessions settable setting settings settled seventh several severely severity shading
  shadowed shadowing shadows shallow shamelessly shaping shareable sharing sharpen sharper sharpness shebang
  shifted shifting shipped shipping shortcomings shortcut shortcuts shorten shortened shortening shortens
  shorter shortest shorthand shortly showing shrinking shuffle shutdown shutdowns shutting sibling siblings
  sidebar sidebars signaled signaling signalled signalling signals signature signatures signers significance
  significant significantly signifies signify signifying signing silence silenced silences silently similar
  similarities similarity similarly simpler simplest simplicity simplification simplified simplifies
  simplify simplifying simplistic simulate simulated simulates simulating simulation simulations simulator
  simultaneous simultaneously singleton singular situation situations sixteen skeleton skipped skipping
  slashes sleeping sliding slightest slightly slowdown slowest slowing smaller smallest smarter smoothed
  smoother smoothing smoothly smoothness snapshot snapshots sniffed sniffing snippet snippets snooping
  sockets software solution solutions solving somebody someday somehow someone something sometime sometimes
  somewhat somewhere sophisticated sorting sourced sources sourcing spacing spanning sparingly spatial
  spawned spawning speaker speakers speaking special specialised specialized specially specials species
  specifiable specific specifically specification specifications specifics specified specifier specifiers
  specifies specify specifying speckles spectral spectrum speeding speedup speedups spelling spellings
  spinning spliced splices splicing splines splitting spoofed spoofing sporadic spreading spreads
  spreadsheet spreadsheets spurious squared squares squeeze squelch stability stabilize stacked stacking
  staging stalling stallman standalone standard standardized standards standby standing standout stanzas
  started starter starting startup stateless statement statements statically station stations statistic
  statistical statistics statuses staying stealing stemming stipple stippled stopped stopping storage
  storing straight straightforward strandedness strands strange strangely strategies strategy streamed
  streaming streams strength strengths stretch stretched stretches stretching stricter strictly strings
  stripes stripped stripping strokes stronger strongest strongly structural structure structured structures
  structuring stylesheet stylesheets styling subclass subcommand subcommands subdirectories subdirectory
  subdivided subgroup subgroups subject subjected subjects submission submissions submits submitted
  submitting submodule submodules subordinate subroutine subroutines subscribe subscribed subscriber
  subscribers subscribing subscript subscription subscriptions subscripts subsection subsections subsequent
  subsequently subsets subsidiary substantial substantially substitute substituted substitutes substituting
  substitution substitutions substring substrings subsystem subsystems subtitle subtitles subtract
  subtracted subtracting subtraction subtracts subversion succeed succeeded succeeding succeeds success
  successes successful successfully succession successive successively successor successors suchlike
  suddenly suffers suffice suffices sufficient sufficiently suffixed suffixes suffixing suggest suggested
  suggesting suggestion suggestions suggests suitability suitable suitably summaries summarised summarises
  summarize summarized summarizes summarizing summary summation summing superblock superfluous superior
  superscript superscripts supersede superseded supersedes superuser superusers supervision supplement
  supplemental supplementary supplied supplies supplying support supported supporting supports suppose
  supposed supposedly supposing suppress suppressed suppresses suppressing suppression surface surfaces
  surprised surprises surprising surprisingly surround surrounded surrounding survive susceptible suspect
  suspected suspend suspended suspending suspends suspicious swapped swapping switched switches switching
  symbolic symbolically symbols symlink symlinks symmetric symmetrical symmetries symmetry synchronisation
  synchronised synchronization synchronize synchronized synchronizes synchronizing synchronous synchronously
  syncing synonym synonymous synonyms synopsis syntactic syntactical syntactically synthesis synthesize
  synthesized synthesizing synthetic sysadmin systematic systems tabbing tabloid tabular tabulation
  tabulator tagging tailored talking tampered tampering tangent tapping tarball tarballs targeted targeting
  targets tearing technical technically technique techniques technologies technology tedious telemetry
  telephone telephony television telling temperature temperatures template templates temporal temporarily
  temporary tempted tentative terabytes terminal terminals terminate terminated terminates terminating
  termination terminator terminators terminology terrain testers testing textual texture textures themselves
  theoretical theoretically thereafter thereby therefore therein thereof thermal thickness thinking
  thoroughly thought thousand thousands thousandths thrashing threaded threading threads threats threshold
  thresholds throttle throttled throttling through throughout throughput throwaway throwing thumbnail
  thumbnails tickets tighter tightly timeline timeout timeouts timestamp timestamps timezone timezones
  timings together toggled toggles toggling tokenize tokenizer tolerance tolerant tolerate tolerated
  tomorrow toolbar tooling toolkit topmost topological topologically topology totally touched touches
  touching towards tracing tracked tracker tracking trademark tradition traditional traditionally traffic
  trailer trailers trailing training transaction transactions transcoding transcript transcription transfer
  transferred transferring transfers transform transformation transformations transformed transforming
  transforms transient transition transitional transitioned transitioning transitions transitive translate
  translated translates translating translation translations translator translators transliterated
  transliteration transmission transmissions transmit transmits transmitted transmitting transparency
  transparent transparently transpile transport transported transporting transports transpose transposed
  trapezoid trapped traversal traverse traversed traverses traversing treated treating treatment triangle
  triangles triangular trigger triggered triggering triggers trimmed trimming triplet triplets tripped
  trivial trivially trouble troubles troubleshoot troubleshooting truncate truncated truncates truncating
  truncation trusted trusting trustworthy tunneled tunneling tunnelling tunnels turning tutorial tutorials
  tweaked tweaking typescript typeset typesetter typesetting typewriter typical typically typographic
  typographical typography ubiquitous ultimate ultimately unacceptable unaffected unaltered unambiguous
  unambiguously unassigned unattended unauthenticated unauthorized unavailable unavoidable unaware
  unbalanced unblock unbound unbounded unbreakable unbuffered uncertainty unchanged unchecked unclean
  unclear uncomfortable uncommitted uncommon uncompressed unconditional unconditionally unconnected
  unconventional uncorrelated undamaged undeclared undecorated undefined underflow undergo undergoes
  undergone underline underlined underlines underlining underlying underneath underscore underscores
  understand understandable understanding understands understood undesirable undetected undocumented undoing
  unencrypted unequal unexpected unexpectedly unfamiliar unfilled unfinished unfortunate unfortunately
  unhelpful unicode unidirectional unified uniform uniformly unimplemented unimportant uninitialized
  uninstall uninstalled unintended unintentional unintentionally uninteresting uninterpreted uniquely
  uniqueness universal universally universe university unknown unlabeled unlikely unlimited unlinked
  unlisted unloaded unloading unloads unlocked unlocking unlocks unmatched unmodified unmount unmounted
  unnamed unnecessarily unnecessary unneeded unnoticed unnumbered unofficial unpacked unpacking unpacks
  unpleasant unplugged unpredictable unprintable unprivileged unprotected unqualified unquoted unreachable
  unreadable unrecognised unrecognized unrecorded unregistered unrelated unreliable unresolved unresponsive
  unrestricted unsatisfactory unsigned unsolicited unspecified unstable unsubscribe unsuccessful unsuitable
  unsupported untested untouched untrusted unusable unusual unusually unwanted unwinding upcoming updated
  updates updating upfront upgrade upgraded upgrades upgrading uploaded uploading uploads uppercase upstart
  upstream upwards urgency usability useable usefully usefulness useless username usernames usually utilise
  utilities utility utilization utilize utilized utilizes utilizing vacation vacuuming vaguely validate
  validated validates validating validation validity validly valuable vanilla variability variable variables
  variance variant variants variation variations varieties variety various varying vectorized vectors
  vehicle vendors verbatim verbose verbosely verbosity verification verified verifies verifying versatile
  version versioning versions vertical vertically vertices victims viewers viewing viewpoint viewport
  violate violated violates violating violation violations virtual virtualization virtually visibility
  visible visibly visited visiting visualisation visualization visualize visualized visualizing visually
  vocabulary volatile voltage voltages volumes voluminous voluntary volunteers vulnerabilities vulnerability
  vulnerable waiting walking wanting warning warnings warranties warranty wasting watchdog watched watcher
  watches watching watermark waveform wavelength weakness website websites weekday weekdays weighted
  weighting weights welcome whatever whatsoever whenever whereas whereby wherein wherever whether whichever
  whitelist whitespace whoever widespread widgets wildcard wildcards willing windowed windowing windows
  wireless wishing withdrawn without wording workaround workarounds workers workflow workflows working
  workload workloads workspace workspaces workstation workstations worrying worthwhile wraparound wrapped
  wrapper wrappers wrapping writable writers writing written wrongly yesterday yielding younger youngest
  yourself zeroing zooming
`;
