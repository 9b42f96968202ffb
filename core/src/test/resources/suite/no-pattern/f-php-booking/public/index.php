<?php

require __DIR__ . '/../vendor/autoload.php';

use Aldera\Booking\BookingController;
use Aldera\Booking\CachedBerthRepository;
use Aldera\Booking\PdoBerthRepository;

$controller = new BookingController(new CachedBerthRepository(new PdoBerthRepository(new PDO('sqlite:berths.db'))));
echo $controller->show((int) ($_GET['id'] ?? 0));
