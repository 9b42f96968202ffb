<?php
use Aldera\Tonnage;
echo Tonnage::ofKilograms(12000)->tons();
