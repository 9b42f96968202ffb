<?php

use App\Page;
use App\Weather\RememberedForecasts;

require __DIR__ . '/../vendor/autoload.php';

echo (new Page(new RememberedForecasts('https://weather.example/api')))->render($_GET['town'] ?? 'Vigo');
