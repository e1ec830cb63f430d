-- Sends each prepared sign-up once; every thread has its own part of them.
dofile(os.getenv("BENCH") .. "/count.lua")
wanted = 303

function init()
  count()
  bodies, at = {}, 0
  local number = 0
  for line in io.lines(os.getenv("BODIES")) do
    if number % tonumber(os.getenv("PARTS")) == part then bodies[#bodies + 1] = line end
    number = number + 1
  end
end

function request()
  at = at + 1
  if at > #bodies then wrk.thread:stop() at = #bodies end
  local headers = {
    ["Content-Type"] = "application/x-www-form-urlencoded", ["Origin"] = os.getenv("ORIGIN"), ["User-Agent"] = "Mozilla/5.0",
    ["Accept"] = "text/html", ["Accept-Language"] = "en-GB",
  }
  return wrk.format("POST", "/forms/footer-newsletter/en", headers, bodies[at])
end
