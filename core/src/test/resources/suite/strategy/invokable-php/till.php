<?php
declare(strict_types=1);

require 'Fees.php';

echo (new Cashier(new FlatFee(900)))->due(12);
echo (new Cashier(new MetreFee()))->due(12);
echo (new Cashier(fn (int $metres): int => max(500, $metres * 100)))->due(12);
