/** The common words from `m` to `r`. */
export const WORDS_M_TO_R = `
  machine machinery machines macintosh magenta magical magnetic magnification magnified magnify magnitude
  mailbox mailboxes mailers mailing mainline mainstream maintain maintained maintainer maintainers
  maintaining maintains maintenance majority makefile makefiles malformed malfunction malicious maliciously
  manageable managed management manager managers manages managing mandate mandated mandates mandatory
  mangled mangles mangling manifest manifests manipulate manipulated manipulates manipulating manipulation
  manipulations manners manually manuals manufactured manufacturer manufacturers mapping mappings marginal
  margins markdown markers marketing marking markings masking masquerading massive mastered masters matched
  matches matching material materialized materials mathematical mathematically mathematics matrices matters
  maximal maximally maximise maximize maximizes maximum meaning meaningful meaningfully meaningless meanings
  meantime meanwhile measure measured measurement measurements measures measuring mechanical mechanism
  mechanisms meeting megabyte megabytes members membership memberships mention mentioned mentioning mentions
  mercurial merging message messages metadata metallic metering methods metrics microcode microscopic
  microsecond microseconds middleware midnight midpoint migrate migrated migrates migrating migration
  migrations mileage milestone millimeters million millions millisecond milliseconds miniature minified
  minimal minimally minimise minimize minimized minimizes minimizing minimum minuses minutes mirrored
  mirroring mirrors misbehave misbehaving miscellaneous misinterpret misinterpreted misleading mismatch
  mismatched mismatches mismatching misnomer missing misspelled misspelling mistake mistaken mistakenly
  mistakes mitigate mitigating mixture mnemonic mnemonics modeled modeling modelled modelling moderate
  moderated moderately modifiable modification modifications modified modifier modifiers modifies modifying
  modular modulation modules modulus molecular molecule molecules monetary monitor monitored monitoring
  monitors monochrome monolithic monotonic monotonically montage monthly moreover morning morphological
  morphology motherboard motherboards motions motivation mountains mounted mounting movement movements
  multicast multidimensional multiline multilingual multimedia multiple multiples multiplex multiplexed
  multiplexer multiplexing multiplication multiplicative multiplied multiplier multipliers multiplies
  multiply multiplying multiprocessing munging musical mutable mutated mutually namespace namespaces
  nanosecond nanoseconds narrower narrowing national natural naturally navigate navigating navigation
  nearest necessarily necessary needing needlessly negated negates negating negation negative negatively
  negligible negotiate negotiated negotiates negotiating negotiation negotiations neighboring neighbors
  neighbour neighbours neither nesting network networked networking networks neutral nevertheless newline
  newlines newsgroup newsgroups nickname nicknames nightly nominal nominally nominated nonempty nonetheless
  nonexistent nonfatal nonlinear nonnegative nonsensical nonstandard nontrivial nonzero normalise normalised
  normalization normalize normalized normalizes normalizing normally notable notably notation notations
  notebook nothing noticeable noticeably noticed notices noticing notification notifications notified
  notifies notifying nowadays nucleic numbered numbering numbers numeral numerals numerator numeric
  numerical numerically numerous obeying obfuscate objective objects obligatory oblique obscure obscured
  observable observation observe observed observer observes observing obsolescent obsolete obsoleted
  obtained obtaining obtains obvious obviously occasion occasional occasionally occasions occupancy occupied
  occupies occupying occurred occurrence occurrences occurring octagon offending offered offering official
  officially offline offload offloaded offloading offloads offsets omission omitted omitting onetime ongoing
  onwards opacity opening operand operands operate operated operates operating operation operational
  operations operator operators opinion opportunities opportunity opposed opposite optical optimal
  optimisation optimised optimistic optimization optimizations optimize optimized optimizer optimizes
  optimizing optimum optional optionally options orchestration ordered ordering orderings ordinal ordinarily
  ordinary organisation organization organizations organize organized orientation orientations oriented
  original originally originals originate originated originates originating originator origins orphaned
  orphans orthogonal oscilloscope otherwise ourselves outages outbound outcome outdated outermost outgoing
  outline outlined outlines outputs outputted outputting outright outside outstanding outward overall
  overcome overflow overflows overfull overhead overheads overlaid overlap overlapped overlapping overlaps
  overlay overlaying overlays overload overloaded overloading overloads overlooked overridden override
  overrides overriding overrule overrun overruns overview overwrite overwrites overwriting overwritten
  ownership package packaged packages packaging packets packing padding paginate pagination painful pairing
  pairwise palette palettes paradigm paragraph paragraphs parallel parallelism parallelogram parameter
  parameters paranoid parentheses parenthesis parenthesised parenthesized parents parsing partial partially
  participants participate participating particular particularly parties partition partitioned partitioning
  partitions partner partners passages passing passive passively passphrase passphrases password passwords
  pasting patched patches patching patchwork patents pathname pathnames pathological patient pattern
  patterned patterns pausing payload payloads pedantic penalties penalty pending perceive perceived percent
  percentage percentages percentile percents perfect perfectly perform performance performances performed
  performing performs perhaps perimeter periodic periodically periods peripheral peripheries periphery
  permanent permanently permissible permission permissions permissive permits permitted permitting
  permutation permutations permute permuted perpendicular persist persisted persistence persistent
  persistently persists personal personality personalized personally persons perspective pertain pertaining
  pertains pertinent perturbation perusal phasing philosophical philosophy photograph photographs phrases
  physical physically picking picture pictures piecemeal pinging pinning pinpoint pipeline pipelines
  pitfalls placeholder placeholders placement placing plainly plaintext planned planner planning platform
  platforms plausibility playable playback players playing playlist playlists pleasing plethora plotted
  plotters plotting plugged plugging plugins plumbing pointed pointer pointers pointing pointless policies
  polling polygon polygons polynomial popping popular populate populated populates populating population
  populations portability portable porting portion portions portrait position positional positioned
  positioning positions positive positively positives possess possession possibilities possibility possible
  possibly posting postmaster postponed postscript potential potentially powered powerful powering practical
  practically practice practices preamble precaution precautions precede preceded precedence precedes
  preceding precise precisely precision precludes precursor predecessor predecessors predefined
  predetermined predicate predicates predict predictable predicted prediction predictions predictive
  preemption preemptively preexisting prefaced preferable preferably preference preferences preferentially
  preferred preferring prefers prefixed prefixes prefixing preliminary preload premature prematurely
  preparation prepare prepared prepares preparing prepend preprocessor prerelease prerequisite prerequisites
  prescribed presence present presentation presented presenting presently presents preservation preserve
  preserved preserves preserving pressed presses pressing pressure presumably presume presumed pretend
  pretending pretends prevailing prevent prevented preventing prevention prevents preview previewed
  previewer previewing previews previous previously primaries primarily primary primers primitive primitives
  principal principals principle principles printable printed printer printers printing printout priorities
  prioritize prioritized priority pristine privacy private privilege privileged privileges probabilistic
  probabilities probability probable probably probing problem problematic problems procedural procedure
  procedures proceed proceeding proceedings proceeds process processed processes processing processor
  processors produce produced producer producers produces producing product production productivity products
  professional profile profiled profiler profiles profiling program programmable programme programmed
  programmer programmers programming programs progress progresses progression progressive progressively
  prohibit prohibited prohibits project projected projection projects prologue prolonged prominent
  promiscuous promise promises promote promoted promotes promotion prompted prompting prompts pronounced
  propagate propagated propagates propagating propagation properly properties property proportion
  proportional proportionally proposal proposed proprietary protect protected protecting protection
  protections protective protects protein protocol protocols prototype prototypes provide provided provider
  providers provides providing provision provisioned provisioning provisions provoke proxies pruning
  pseudonym publication publications publicity publicly publish published publisher publishes publishing
  pulling punctuation purchased purpose purposes pushing putative putting pythons quadratic qualification
  qualified qualifier qualifiers qualify qualities quality quantities quantity quantization quantum quarter
  queried queries querying question questionable questions queueing queuing quicker quickly quieter quietly
  quitting quotation quotations quotient quoting rainbow raising randomize randomized randomly randomness
  ranging ranking rapidly rational rationale reachable reached reaches reaching reacting reaction
  readability readable readers readily reading readings realistic reality realize realized reallocated
  realtime reappear reapplied reapply rearrange rearranged reasonable reasonably reasons reassembled
  reassembling reassign reassigned rebuild rebuilding rebuilds rebuilt receipt receive received receiver
  receivers receives receiving recently reception recheck recipes recipient recipients reciprocal reclaim
  reclaimed reclaims recognise recognised recognises recognition recognizable recognize recognized
  recognizes recognizing recombination recombine recommend recommendation recommendations recommended
  recommends recompilation recompile recompiled recompiling reconfiguration reconfigure reconfigured
  reconnect reconnects reconstruct reconstructed reconstruction recorded recorder recording recordings
  records recover recoverable recovered recovering recovers recovery recreate recreated recreates recreating
  rectangle rectangles rectangular recurrence recurring recurse recursion recursive recursively recycle
  recycled recycling redefine redefined redefining redefinition redesigned redirect redirected redirecting
  redirection redirects redistribute redistributed redistribution redrawn reduced reduces reducing reduction
  reductions redundancy redundant reenter reference referenced references referencing referential referral
  referrals referred referring refined refinement refinements reflect reflected reflecting reflection
  reflects reformat reformatted reformatting refrain refresh refreshed refreshes refreshing refused refuses
  regarded regarding regardless regards regenerate regenerated regenerating regeneration regexps regions
  register registered registering registers registration registrations registry regression regular regularly
  reinitialize reinitialized reinstall reinstalled reinstalling reinstated reissue rejected rejecting
  rejection rejects relabel related relates relating relation relational relations relationship
  relationships relative relatively relaxed relayed release released releases releasing relevance relevant
  reliability reliable reliably reloaded reloading reloads relocatable relocate relocated relocates
  relocation relocations relying remainder remained remaining remains remarks remedied remember remembered
  remembering remembers reminiscent remotely remotes remount remounted remounting removable removal removals
  removed removes removing renamed renames renaming rendered renderer rendering renders rendition
  renegotiate renewal renewed renumber renumbered reopened reorder reordered reordering repaint repainted
  repaired repairing repairs repeatable repeated repeatedly repeating repeats repertoire repetition
  repetitions repetitive replace replaced replacement replacements replaces replacing replayed replaying
  replays replica replicas replicate replicated replicates replicating replication replied replies reported
  reporter reporters reporting reports repositories repository represent representation representations
  representative represented representing represents reproduce reproduced reproduces reproducibility
  reproducible reproduction request requested requester requesting requests require required requirement
  requirements requires requiring requisite rereading rereads rerunning reschedule research resemblance
  resemble resembles resembling reservation reserve reserved reserves reserving reservoir resetting resident
  resides residing residual residue resilient resistant resizing resolution resolutions resolve resolved
  resolver resolves resolving resource resources respect respected respecting respective respectively
  respects respond responded responding responds response responses responsibility responsible responsive
  responsiveness restart restarted restarting restarts restoration restore restored restores restoring
  restrict restricted restricting restriction restrictions restrictive restricts resultant resulted
  resulting results resumed resumes resuming resumption retained retaining retains retention retired retried
  retries retrieval retrieve retrieved retrieves retrieving retrying returned returning returns reusable
  reusing revealing reveals reversal reverse reversed reverses reversible reversing reverted reverting
  reverts reviewed reviewing reviews revised revising revision revisions revocation revoked revokes revoking
  rewound rewrite rewrites rewriting rewritten rightmost ringing ripping robustness rollback rolling rotated
  rotates rotating rotation rotations roughly rounded rounding routers routine routinely routines routing
  royalty rudimentary runaway running runtime
`;
