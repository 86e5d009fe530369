require 'thor'
require_relative 'probe'

# Every program of this library has commands; the options are those of one of them.
class Probe < Thor
  def self.exit_on_failure?
    true
  end
  class_option :brief, type: :boolean, aliases: '-b' if COMMANDS
  (COMMANDS ? %w[start status stop] : ['read']).each do |name|
    desc "#{name} FILE", name
    method_option :all, type: :boolean, aliases: '-a'
    unless COMMANDS
      method_option :brief, type: :boolean, aliases: '-b'
      method_option :output, type: :string, aliases: '-o'
      method_option :outline, type: :boolean
      method_option :mode, type: :string, enum: %w[fast slow sleepy]
      method_option :dry_run, type: :boolean, aliases: '-n'
    end
    define_method(name) do |*words|
      flags = { 'all' => options[:all], 'brief' => options[:brief], 'outline' => options[:outline], 'dry-run' => options[:dry_run] }
      show(flags, { 'output' => options[:output], 'mode' => options[:mode] }, words, COMMANDS ? name : nil)
    end
  end
end

Probe.start(COMMANDS ? ARGV : ['read', *ARGV])
