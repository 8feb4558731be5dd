# frozen_string_literal: true

require "rqrcode"

module Presenters
  # Other devices: how this shop is reached, a code for one of them, and those that were let in.
  class PhonesPage
    # modules of quiet ground on each side, as the standard (ISO/IEC 18004) asks
    QUIET = 4

    attr_reader :code, :chosen

    # @param code [String, nil] one that was just made
    # @param chosen [String, nil] the address it is made for
    # @param here [Boolean] whether the one who looks sits at this computer
    # @param set [Boolean] whether there is a passphrase
    def initialize(code, chosen, now:, here:, set:)
      @code, @chosen, @now, @here, @set = code, chosen, now, here, set
    end

    def here? = @here

    def set? = @set

    # whether any other device can reach the shop
    def open? = Settings.off_loopback?

    def plain? = !Settings.tls?

    def addresses = @addresses ||= Shelves::OwnAddresses.reached_at(Settings.host)

    def address = Settings.address(chosen || addresses.first)

    def url = "#{address}/join/#{code}"

    # @return [String] SVG path data of the dark modules, in modules, without the quiet ground
    def modules
      qr.modules.each_with_index.flat_map { |row, y|
        row.each_with_index.filter_map { |dark, x| "M#{x + QUIET} #{y + QUIET}h1v1h-1z" if dark }
      }.join
    end

    # @return [Integer] modules across, with the quiet ground
    def across = qr.modules.size + 2 * QUIET

    def least_letters = Shelves::Passphrase::LEAST_LETTERS

    def lasts = Moments.about(Shelves::JoinCodes::LASTS_S)

    def devices = @devices ||= SignedDevice.let_in.order(seen_at: :desc).to_a

    # @param device [SignedDevice]
    def words(device)
      "#{SignedDevice::ROLES.fetch(device.role)}, last here #{Moments.clock(device.seen_at, @now)}"
    end

    private

    def qr = @qr ||= RQRCode::QRCode.new(url, level: :m)
  end
end
