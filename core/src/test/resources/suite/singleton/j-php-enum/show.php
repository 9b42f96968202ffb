<?php
use Aldera\Harbour;
echo Harbour::Aldera->name();
