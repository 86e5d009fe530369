local argparse = require "argparse"

local names = {"start", "status", "stop", "route:plan"}
local parser = argparse("probe")

local function show(flags, values, operands, command)
   if command then print("command " .. command) end
   for _, one in ipairs(flags) do
      if one[2] then print("option " .. one[1]) end
   end
   for _, one in ipairs(values) do
      if one[2] then print("option " .. one[1] .. " " .. one[2]) end
   end
   for _, one in ipairs(operands) do print("operand " .. one) end
   print("read")
end

if os.getenv("PROBE") == "commands" then
   parser:flag("-b --brief")
   for _, name in ipairs(names) do
      local below = parser:command(name == "start" and "start begin" or name)
      below:flag("-a --all")
      below:argument("file"):args("*")
   end
   local found = parser:parse()
   for _, name in ipairs(names) do
      if found[name] then show({{"all", found.all}, {"brief", found.brief}}, {}, found.file, name) end
   end
else
   parser:flag("-a --all")
   parser:flag("-b --brief")
   parser:option("-o --output")
   parser:flag("--outline")
   parser:flag("--quiet --quieter")
   parser:option("-c --color"):args("?")
   parser:option("--mode"):choices({"fast", "slow", "sleepy"})
   parser:flag("-n --dry-run")
   parser:argument("file"):args("*")
   local found = parser:parse()
   local flags = {{"all", found.all}, {"brief", found.brief}, {"outline", found.outline}, {"quiet", found.quiet}, {"dry-run", found.dry_run}}
   show(flags, {{"output", found.output}, {"color", found.color and (found.color[1] or "")}, {"mode", found.mode}}, found.file)
end
