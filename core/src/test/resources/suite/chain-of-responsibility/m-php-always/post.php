<?php
use Aldera\Mail\{AddressFilter, Letter, StampFilter};
$first = new StampFilter();
$first->follow(new AddressFilter());
$first->apply(new Letter('Quay'));
