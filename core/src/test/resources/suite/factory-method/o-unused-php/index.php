<?php

use Post\Branch;
use Post\Embassy;

echo (new Embassy())->send('hello'), (new Branch())->send('hi');
