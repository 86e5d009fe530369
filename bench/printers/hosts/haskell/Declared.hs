-- | Reads declarations of interfaces, and prints helps between marks. See ../README.md.
module Declared (Option (..), Operand (..), Command (..), Interface (..), interfaces, isFlag, showHelp) where

import System.IO (hSetEncoding, stdin, stdout, utf8)

data Option = Option
  { shortName, longName, presence, placeholder, kind, fallback, environment, heading, optionHelp :: String
  , aliases, values, flags :: [String]
  }

data Operand = Operand {operandName :: String, least, most :: Int, operandHelp :: String}

data Command = Command
  { name :: String
  , commandAliases :: [String]
  , isHidden :: Bool
  , summary :: String
  , options :: [Option]
  , operands :: [Operand]
  , commands :: [Command]
  }

data Interface = Interface {ident :: String, width :: Int, program, version, about, epilogue :: String, root :: Command}

splitAtAll :: Char -> String -> [String]
splitAtAll separator text = case break (== separator) text of
  (first, _ : rest) -> first : splitAtAll separator rest
  (first, []) -> [first]

listed :: String -> [String]
listed "" = []
listed field = splitAtAll ',' field

isFlag :: String -> Option -> Bool
isFlag flag = elem flag . flags

-- | Every interface of standard input.
interfaces :: IO [Interface]
interfaces = do
  hSetEncoding stdin utf8
  hSetEncoding stdout utf8
  fmap (collect . map (splitAtAll '\t') . lines) getContents

collect :: [[String]] -> [Interface]
collect [] = []
collect (("I" : ident' : width' : program' : version' : about' : epilogue' : _) : rest) =
  let (declared, after) = break ((== "E") . head) rest
      (made, _) = command 0 declared
   in Interface ident' (read width') program' version' about' epilogue' made : collect (drop 1 after)
collect (_ : rest) = collect rest

-- | A command with all below it, and the lines behind them.
command :: Int -> [[String]] -> (Command, [[String]])
command depth (("C" : _ : name' : aliases' : flags' : _ : summary' : _) : rest) =
  let (own, deeper) = break ((== "C") . head) rest
      (below, after) = commandsAt (depth + 1) deeper
      made =
        Command
          name'
          (listed aliases')
          (flags' == "hidden")
          summary'
          [option fields | "O" : fields <- own]
          [Operand n (read l) (read m) h | "A" : n : l : m : _ : h : _ <- own]
          below
   in (made, after)
command _ declared = error ("no command: " ++ concat (concat (take 1 declared)))

commandsAt :: Int -> [[String]] -> ([Command], [[String]])
commandsAt depth declared@(("C" : d : _) : _)
  | read d == depth =
    let (one, after) = command depth declared
        (others, rest) = commandsAt depth after
     in (one : others, rest)
commandsAt _ declared = ([], declared)

option :: [String] -> Option
option fields =
  Option
    { shortName = fields !! 0
    , longName = fields !! 1
    , aliases = listed (fields !! 2)
    , presence = fields !! 3
    , placeholder = fields !! 4
    , kind = fields !! 5
    , values = listed (fields !! 6)
    , fallback = fields !! 7
    , environment = fields !! 10
    , flags = listed (fields !! 11)
    , heading = fields !! 12
    , optionHelp = fields !! 13
    }

-- | Prints one help.
showHelp :: Interface -> [String] -> String -> IO ()
showHelp one path text = putStr ("\SOH" ++ ident one ++ "\t" ++ unwords path ++ "\n" ++ text ++ "\n\STX\n")
