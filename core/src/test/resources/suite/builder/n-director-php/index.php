<?php

use Diner\Cook;
use Diner\DinnerBuilder;
use Diner\LunchBuilder;

$cook = new Cook();
echo $cook->prepare(new LunchBuilder(), true)->price();
echo $cook->prepare(new DinnerBuilder(), false)->price();
