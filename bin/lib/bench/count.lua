-- Counts answers by whether they were what was asked for; whoever loads it sets "wanted".
local threads = {}

function setup(thread)
  thread:set("part", #threads)
  table.insert(threads, thread)
end

function count() taken, refused = 0, 0 end

function response(status)
  if status == wanted then taken = taken + 1 else refused = refused + 1 end
end

function done(summary)
  local all, others = 0, 0
  for _, thread in ipairs(threads) do
    all = all + thread:get("taken")
    others = others + thread:get("refused")
  end
  io.write(string.format("BENCH %d %d %d\n", all, others, summary.duration))
end
