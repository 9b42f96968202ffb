<?php
declare(strict_types=1);

use Registry\{GuardedRegistry, ShipRegistry};

$registry = new GuardedRegistry(new ShipRegistry(), false);
echo $registry->tonnes('Oria');
