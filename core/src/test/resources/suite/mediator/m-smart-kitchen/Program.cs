using Kitchen;

var oven = new Oven();
var timer = new Kitchen.Timer();
_ = new KitchenHub(oven, new Fan(), timer);
oven.Heat(200);
timer.Ring();
