# system 'tiffin never'
require 'open3'
TIFFIN = 'tiffin'
system 'tiffin', 'box', 'list', '--late' or abort "tiffin box list"
system({ 'DAY' => day }, 'tiffin', 'box', 'list', "--sort=#{key}", out: File::NULL)
lists = `tiffin box list --late`
day = %x(tiffin round open #{day.strip}).lines
out, status = Open3.capture2e(TIFFIN, 'route', 'print', name)
IO.popen(%w[tiffin box list]) { |io| io.read =~ /['"]/ }
exec "tiffin route print #{name} | lp" if print?
system(*%w[tiffin box list])
sh <<~LINES
  cd /srv
  tiffin box list --all
LINES
puts <<~TEXT
  don't run `tiffin box never`
TEXT
spawn('tiffin box list', chdir: '/')
def system(tiffin) = 'tiffin box'
