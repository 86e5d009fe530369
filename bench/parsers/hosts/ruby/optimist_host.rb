require 'optimist'
require_relative 'probe'

found = Optimist.options do
  opt :all, 'all', short: 'a'
  opt :brief, 'brief', short: 'b'
  opt :output, 'output', type: :string, short: 'o'
  opt :outline, 'outline', short: :none
  opt :dry_run, 'dry', short: 'n'
end
flags = { 'all' => found[:all], 'brief' => found[:brief], 'outline' => found[:outline], 'dry-run' => found[:dry_run] }
show(flags, { 'output' => found[:output] }, ARGV)
