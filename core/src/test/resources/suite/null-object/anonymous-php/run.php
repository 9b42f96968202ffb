<?php
declare(strict_types=1);

use Desk\{Office, PaperJournal};

echo (new Office())->close('Monday') + (new Office(new PaperJournal()))->close('Tuesday');
