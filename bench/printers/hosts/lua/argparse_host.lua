-- Lua's argparse. See ../README.md.
local argparse = require "argparse"

local function split(text, separator)
  local found = {}
  for field in (text .. separator):gmatch("(.-)" .. separator) do found[#found + 1] = field end
  return found
end

local function listed(field)
  if field == "" then return {} end
  return split(field, ",")
end

local function has(flags, name)
  return ("," .. flags .. ","):find("," .. name .. ",", 1, true) ~= nil
end

local function spellings(option)
  local names = {}
  if option.short ~= "" then names[#names + 1] = "-" .. option.short end
  if option.long ~= "" then names[#names + 1] = "--" .. option.long end
  for _, name in ipairs(listed(option.aliases)) do names[#names + 1] = "--" .. name end
  return table.concat(names, " ")
end

local function fill(parser, command)
  for _, option in ipairs(command.options) do
    local made
    if option.presence == "none" then
      made = parser:flag(spellings(option), option.help)
    else
      made = parser:option(spellings(option), option.help)
      if option.placeholder ~= "" then made:argname(option.placeholder) end
      if option.presence == "optional" then made:args("?") end
      if option.default ~= "" then made:default(option.default) end
      if option.values ~= "" then made:choices(listed(option.values)) end
      if has(option.flags, "repeated") then made:count("*") end
      if has(option.flags, "required") then made:count("1") end
    end
    if has(option.flags, "hidden") then made:hidden(true) end
  end
  for _, operand in ipairs(command.operands) do
    local made = parser:argument(operand.placeholder, operand.help)
    local any = operand.most < 0
    made:args(operand.least > 0 and (any and "+" or 1) or (any and "*" or "?"))
  end
  for _, below in ipairs(command.commands) do
    local child = parser:command(table.concat({ below.name, table.unpack(below.aliases) }, " "), below.summary)
    if below.hidden then child:hidden(true) end
    fill(child, below)
    below.parser = child
  end
end

local function show(one, path, command, parser)
  io.write("\1", one.id, "\t", table.concat(path, " "), "\n", parser:get_help(), "\n\2\n")
  for _, below in ipairs(command.commands) do
    local longer = { table.unpack(path) }
    longer[#longer + 1] = below.name
    show(one, longer, below, below.parser)
  end
end

local FIELDS = { "short", "long", "aliases", "presence", "placeholder", "type", "values", "default", "least", "most", "environment", "flags",
  "heading", "help" }
local one, at

for line in io.lines() do
  local fields = split(line, "\t")
  local kind = table.remove(fields, 1)
  if kind == "I" then
    one = { id = fields[1], width = tonumber(fields[2]), program = fields[3], summary = fields[5], epilogue = fields[6] }
    at = {}
  elseif kind == "C" then
    local depth = tonumber(fields[1])
    local command = { name = fields[2], aliases = listed(fields[3]), hidden = fields[4] == "hidden", summary = fields[6], options = {},
      operands = {}, commands = {} }
    if depth == 0 then one.root = command else table.insert(at[depth].commands, command) end
    at[depth + 1] = command
    for deeper = depth + 2, #at do at[deeper] = nil end
  elseif kind == "O" then
    local option = {}
    for i, name in ipairs(FIELDS) do option[name] = fields[i] end
    table.insert(at[#at].options, option)
  elseif kind == "A" then
    table.insert(at[#at].operands, { placeholder = fields[1], least = tonumber(fields[2]), most = tonumber(fields[3]), help = fields[5] })
  elseif kind == "E" then
    local parser = argparse(one.program, one.summary, one.epilogue ~= "" and one.epilogue or nil)
    fill(parser, one.root)
    show(one, {}, one.root, parser)
  end
end
