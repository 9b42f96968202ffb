<?php

require __DIR__ . '/../src/Basket.php';
require __DIR__ . '/../src/discounts.php';

use Shop\Basket;
use function Shop\percentOff;

$basket = new Basket(percentOff(10));
$basket->add('rope', 1290);
echo $basket->total(), PHP_EOL;
$basket->setDiscount(\Shop\everyTenEuros(...));
echo $basket->total(), PHP_EOL;
$basket->setDiscount(fn (int $cents): int => max(0, $cents - 500));
echo $basket->total(), PHP_EOL;
