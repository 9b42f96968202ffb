<?php
use Aldera\Import\{DuesImporter, ShipImporter};

$importers = ['ships' => new ShipImporter(), 'dues' => new DuesImporter()];
echo $importers[$argv[1]]->import($argv[2]);
