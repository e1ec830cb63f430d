-- Asks for one page again and again.
dofile(os.getenv("BENCH") .. "/count.lua")
wanted = 200

function init() count() end
