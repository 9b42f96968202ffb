<?php
require 'Voyage.php';

$planner = (new Aldera\VoyagePlanner())->with('Meridian')->via('Aldera')->via('Sandholm');
$planner->crewOf(12);
echo $planner->plan()->legs();
