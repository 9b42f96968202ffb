var Shipping = function () {
  this.company = '';
};

Shipping.prototype = {
  setStrategy: function (company) {
    this.company = company;
  },

  calculate: function (parcel) {
    return this.company.calculate(parcel);
  },
};

var Ups = function () {
  this.calculate = function (parcel) {
    return '$' + parcel.weight * 3;
  };
};

var Usps = function () {
  this.calculate = function (parcel) {
    return '$' + (parcel.weight + 9);
  };
};

function run() {
  var parcel = { from: '76712', to: '10012', weight: 4 };
  var ups = new Ups();
  var usps = new Usps();
  var shipping = new Shipping();
  shipping.setStrategy(ups);
  console.log(shipping.calculate(parcel));
  shipping.setStrategy(usps);
  console.log(shipping.calculate(parcel));
}

run();
