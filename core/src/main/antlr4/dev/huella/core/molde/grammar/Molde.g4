/*
 * The grammar of Molde, in which patterns are defined. What a clause may say is not fixed here: its words are
 * held against the clauses and phrases there are when the definition is loaded. See docs/molde.md.
 */
grammar Molde;

document   : NL* (definition | opportunity | phrase)* EOF ;

phrase     : PHRASE phrasePart+ NL+ MEANS NL* formula NL+ ;
phrasePart : word | OPEN LOCAL COLON sort CLOSE ;

definition : PATTERN name=WORD COLON family=WORD NL+ about=STRING NL+ section* ;
section    : roles | recognised | variant | owes | unlike | yields | hints ;

opportunity : OPPORTUNITY name=WORD NL+ about=STRING NL+ SUGGESTS WORD+ NL+ section* because ;
because     : BECAUSE STRING NL+ (TOUCHES WORD+ NL+)? (AFTERWARDS STRING NL+)? ;


roles      : ROLES NL+ role+ ;
role       : name=(WORD | OPERATION) KEY? sort (COMMA COUNT)? (COMMA link=(ALSO | WITH) other=WORD)? (COMMA BY written=WORD)? NL+ ;
sort       : TYPE | FIELD | OPERATION ;

recognised : RECOGNISED BY NL+ line+ ;
variant    : VARIANT name=WORD about=STRING? NL+ line* ;
line       : formula NL+ ;

owes       : OWES NL+ obligation+ ;
obligation : level name=WORD about=STRING NL+ line+ (UNCLEAR WHEN NL* formula NL+ STRING NL+)?
             (OTHERWISE STRING NL+)? ;
level      : MUST | SHOULD | ADVICE ;

unlike     : UNLIKE name=WORD WHEN NL* formula NL+ about=STRING NL+ (OTHERWISE STRING NL+)? ;
yields     : YIELDS pattern=WORD WHERE pair (AND pair)* NL+ ;
pair       : ALLBUTONE? mine=WORD IS theirs=WORD ;
hints      : HINTS NL+ line+ ;

formula    : either | all ;
either     : EITHER all (NL* OR all)+ ;
all        : unit (NL* AND unit)* ;
unit       : NOT unit                                        # negated
           | LPAREN NL* formula NL* RPAREN                   # grouped
           | MOSTLY? WHENEVER all NL* THEN formula             # conditional
           | term+                                           # clause
           ;
term       : word | LOCAL | STRING ;
word       : WORD | BY | WHEN | KEY | TYPE | FIELD | OPERATION | ALSO | IS | WHERE | TOUCHES | WITH ;

PATTERN : 'pattern' ; PHRASE : 'phrase' ; MEANS : 'means' ; ROLES : 'roles' ; KEY : 'key' ;
RECOGNISED : 'recognised' ; BY : 'by' ; VARIANT : 'variant' ; OWES : 'owes' ; UNLIKE : 'unlike' ; WHEN : 'when' ;
HINTS : 'hints' ; MUST : 'must' ; SHOULD : 'should' ; ADVICE : 'advice' ; OTHERWISE : 'otherwise' ;
EITHER : 'either' ; OR : 'or' ; AND : 'and' ; NOT : 'not' ; WHENEVER : 'whenever' ; THEN : 'then' ; MOSTLY : 'mostly' ;
OPPORTUNITY : 'opportunity' ; SUGGESTS : 'suggests' ; BECAUSE : 'because' ; TOUCHES : 'touches' ;
AFTERWARDS : 'afterwards' ; UNCLEAR : 'unclear' ; YIELDS : 'yields-to' ; WHERE : 'where' ; IS : 'is' ;
ALLBUTONE : 'all-but-one' ;
TYPE : 'type' ; FIELD : 'field' ; OPERATION : 'operation' ; ALSO : 'also' ; WITH : 'with' ;
COUNT : [0-9]+ '..' ([0-9]+ | '*') ;
WORD : [a-z] [a-z0-9]* ('-' [a-z0-9]+)* ;
LOCAL : [A-Z] [A-Za-z0-9]* ;
STRING : '"' ~["\r\n]* '"' ;
COLON : ':' ; COMMA : ',' ; LPAREN : '(' ; RPAREN : ')' ; OPEN : '<' ; CLOSE : '>' ;
NL : '\r'? '\n' ;
SPACE : [ \t]+ -> skip ;
COMMENT : '--' ~[\r\n]* -> skip ;
