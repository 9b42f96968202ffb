class ParcelLabel
  def initialize(fragile: false, insured: false, express: false)
    @fragile = fragile
    @insured = insured
    @express = express
  end

  def print(address)
    text = address.upcase
    text += "\nFRAGILE" if @fragile
    text += "\nINSURED" if @insured
    text = "** #{text} **" if @express
    text
  end
end
