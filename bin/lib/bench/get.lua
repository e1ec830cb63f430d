-- Counts answers by whether they were what was asked for.
local threads = {}

function setup(thread) table.insert(threads, thread) end

function init() taken, refused = 0, 0 end

function response(status)
  if status == 200 then taken = taken + 1 else refused = refused + 1 end
end

function done(summary)
  local taken, refused = 0, 0
  for _, thread in ipairs(threads) do
    taken = taken + thread:get("taken")
    refused = refused + thread:get("refused")
  end
  io.write(string.format("BENCH %d %d %d\n", taken, refused, summary.duration))
end
