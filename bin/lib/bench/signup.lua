-- Sends each prepared sign-up once; every thread has its own part of them. Counts what was taken.
local threads = {}

function setup(thread)
  thread:set("part", #threads)
  table.insert(threads, thread)
end

function init()
  bodies, taken, refused, at = {}, 0, 0, 0
  local number = 0
  for line in io.lines(os.getenv("BODIES")) do
    if number % tonumber(os.getenv("PARTS")) == part then bodies[#bodies + 1] = line end
    number = number + 1
  end
end

function request()
  at = at + 1
  if at > #bodies then wrk.thread:stop() at = #bodies end
  local headers = { ["Content-Type"] = "application/x-www-form-urlencoded", ["Origin"] = os.getenv("ORIGIN") }
  return wrk.format("POST", "/forms/footer-newsletter/en", headers, bodies[at])
end

function response(status)
  if status == 303 then taken = taken + 1 else refused = refused + 1 end
end

function done(summary)
  local taken, refused = 0, 0
  for _, thread in ipairs(threads) do
    taken = taken + thread:get("taken")
    refused = refused + thread:get("refused")
  end
  io.write(string.format("BENCH %d %d %d\n", taken, refused, summary.duration))
end
