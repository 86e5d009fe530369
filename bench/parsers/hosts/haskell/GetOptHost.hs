module Main (main) where

-- GetOpt of Haskell's base library, options anywhere.

import Control.Monad (unless)
import Probe (finish)
import System.Console.GetOpt
import System.Environment (getArgs)
import System.Exit (exitFailure)
import System.IO (hPutStr, stderr)

options :: [OptDescr String]
options =
  [ Option "a" ["all"] (NoArg "option all") "all"
  , Option "b" ["brief"] (NoArg "option brief") "brief"
  , Option "o" ["output"] (ReqArg ("option output " ++) "FILE") "output"
  , Option "" ["outline"] (NoArg "option outline") "outline"
  , Option "" ["quiet", "quieter"] (NoArg "option quiet") "quiet"
  , Option "c" ["color"] (OptArg (maybe "option color" ("option color " ++)) "WHEN") "color"
  , Option "n" ["dry-run"] (NoArg "option dry-run") "dry"
  ]

main :: IO ()
main = do
  words' <- getArgs
  let (found, operands, mistakes) = getOpt Permute options words'
  unless (null mistakes) $ do
    hPutStr stderr (concat mistakes)
    exitFailure
  mapM_ putStrLn found
  finish operands
